<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CannotDo;
use App\Actions\ChangeWay;
use App\Actions\KeepPhoto;
use App\Http\Requests\WayRequest;
use App\Models\Machine;
use App\Models\Round;
use App\View\Pages\ApartPage;
use GoodRinse\Core\Apart\OwnWay;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How a machine comes apart. */
final class ApartController extends Controller
{
    public function index(Request $request, Machine $machine, ApartPage $page): View
    {
        return view('machines.apart', $page->all($machine, $this->person($request)->home()));
    }

    public function edit(Request $request, Machine $machine, string $part, ApartPage $page): View
    {
        return view('machines.way', $page->one($machine, $part) + ['round' => $this->round($request, $machine)]);
    }

    public function update(WayRequest $request, Machine $machine, string $part, ChangeWay $change, KeepPhoto $keep): RedirectResponse
    {
        $own = $request->own();
        $photo = $request->photo();
        if (null !== $photo) {
            try {
                $keep->ofPart($machine, $this->person($request), $request->ulid(), $part, $photo);
            } catch (CannotDo $e) {
                return redirect()->back()->withInput($request->except('photo'))->withErrors(['photo' => $e->getMessage()]);
            }
            $own = new OwnWay($own->counts, $own->loose, $own->way, $own->note, $request->ulid(), $own->first, $own->pieces);
        }
        $change->handle($machine, $this->person($request), $part, $own, $request->traits());
        $round = $this->round($request, $machine);

        return (null === $round ? redirect()->route('machines.apart', $machine) : redirect()->route('rounds.show', $round))->with('did', __('machines.way_saved'));
    }

    /** The round that it was set right in; to it the person goes back. */
    private function round(Request $request, Machine $machine): ?Round
    {
        return $machine->rounds()->whereKey($request->string('round')->toString())->first();
    }
}
