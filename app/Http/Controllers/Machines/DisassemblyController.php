<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Machines\ChangeRemoval;
use App\Actions\Rounds\StorePhoto;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\RemovalRequest;
use App\Models\Machine;
use App\Models\Round;
use App\View\Pages\Machines\DisassemblyPage;
use GoodRinse\Core\Apart\OwnWay;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How a machine comes apart. */
final class DisassemblyController extends Controller
{
    public function index(Request $request, Machine $machine, DisassemblyPage $page): View
    {
        return view('machines.apart', $page->all($machine, $this->person($request)->home()));
    }

    public function edit(Request $request, Machine $machine, string $part, DisassemblyPage $page): View
    {
        return view('machines.way', $page->one($machine, $part, $this->round($request, $machine)));
    }

    public function update(
        RemovalRequest $request,
        Machine $machine,
        string $part,
        ChangeRemoval $change,
        StorePhoto $keep,
    ): RedirectResponse {
        $own = $request->own();
        $photo = $request->photo();
        if (null !== $photo) {
            try {
                $keep->ofPart($machine, $this->person($request), $request->ulid(), $part, $photo);
            } catch (ActionRefused $e) {
                return redirect()->back()->withInput($request->except('photo'))->withErrors(['photo' => $e->getMessage()]);
            }
            $own = new OwnWay($own->counts, $own->loose, $own->way, $own->note, $request->ulid(), $own->first, $own->pieces);
        }
        $change->handle($machine, $this->person($request), $part, $own, $request->traits());
        $round = $this->round($request, $machine);

        return (null === $round ? redirect()->route('machines.apart', $machine) : redirect()->route('rounds.show', $round))->with(
            'did',
            __('machines.way_saved'),
        );
    }

    /** The round that it was set right in; to it the person goes back. */
    private function round(Request $request, Machine $machine): ?Round
    {
        return $machine->rounds()->whereKey($request->string('round')->toString())->first();
    }
}
