<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\KeepSupply;
use App\Actions\Cupboard\RecordStock;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\KeepRequest;
use App\Http\Requests\Cupboard\OwnSupplyRequest;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;
use Illuminate\Http\RedirectResponse;
use Psr\Clock\ClockInterface;

/** How supplies are kept, and supplies of a household's own. */
final class SupplyController extends Controller
{
    public function update(KeepRequest $request, KeepSupply $keep): RedirectResponse
    {
        $supply = $request->string('supply')->toString();
        $keep->handle($this->person($request)->home(), $supply, $request->place(), $request->beside(), $request->days());

        return redirect()->route('cupboard')->with('did', __('places/cupboard.did.kept'));
    }

    public function destroy(KeepRequest $request, KeepSupply $keep): RedirectResponse
    {
        $keep->remove($this->person($request)->home(), $request->string('supply')->toString());

        return redirect()->route('cupboard')->with('did', __('places/cupboard.did.removed'));
    }

    public function store(OwnSupplyRequest $request, KeepSupply $keep, RecordStock $record, ClockInterface $clock): RedirectResponse
    {
        $person = $this->person($request);
        $supply = $keep->add($person->home(), $request->string('name')->toString(), $request->unit(), $request->package());
        if (!$request->boolean('wish')) {
            return redirect()->route('cupboard')->with('did', __('places/cupboard.did.own'));
        }
        $record->handle($person, $request->ulid(), new Wish($supply), $clock->now());

        return redirect()->route('shopping')->with('did', __('places/cupboard.did.wish'))->with('undo', $request->ulid());
    }
}
