<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Household\ChangeWater;
use App\Actions\Machines\AddMachine;
use App\Actions\Machines\ChangeMachine;
use App\Actions\Machines\MachinePast;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\MachineRequest;
use App\Models\Machine;
use App\View\Pages\Kitchen\KitchenPage;
use App\View\Pages\Machines\MachinePage;
use App\View\Pages\Machines\NewMachineData;
use App\View\Pages\Machines\ServiceRecordPage;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** The machines in the kitchen. */
final class MachineController extends Controller
{
    public function index(Request $request, KitchenPage $page): View
    {
        return view('machines.index', $page->for($this->person($request)->home()));
    }

    public function create(Request $request, Handbook $handbook, ClockInterface $clock): View
    {
        $kinds = $handbook->kindNames();
        $kind = $request->string('kind')->toString() ?: $request->old('kind');
        if (!is_string($kind) || !isset($kinds[$kind])) {
            if (!$request->session()->hasOldInput()) {
                return view('machines.kinds', ['kinds' => $kinds]);
            }
            $kind = (string) array_key_first($kinds); // what was typed for a kind that isn't one is kept
        }
        $home = $this->person($request)->home();
        $alike = $home->machines()->where('kind', $kind)->count();
        $kind = $handbook->kind($kind);

        return view('machines.create', new NewMachineData(
            kind: $kind,
            name: $kind->name.(0 === $alike ? '' : ' '.($alike + 1)),
            feels: $kind->takesWater() && null === $home->hardness ? array_column($handbook->doseModel()->feels, 0) : [],
            today: Day::at($clock->now(), $home->zone()),
        ));
    }

    public function store(MachineRequest $request, AddMachine $add, ChangeWater $change): RedirectResponse
    {
        $person = $this->person($request);

        $machine = $add->handle(
            $person->home(),
            $person,
            $request->string('id')->toString(),
            $request->kind()->id,
            $request->description(),
            new MachinePast($request->newOn(), $request->cleanedOn(), $request->cleaned()),
        );
        if (null !== $request->water() && null === $person->home()->hardness) {
            $change->handle($person->home(), $request->water(), 'dH');
        }

        return redirect()->route('today')->with('did', __('machines.added', ['name' => $machine->name]));
    }

    public function show(Request $request, Machine $machine, MachinePage $page, ServiceRecordPage $record): View
    {
        if (null !== $machine->retired_on) {
            return view('machines.retired', $record->about($machine, $this->person($request)->home()));
        }

        return view('machines.show', $page->for($machine, $this->person($request)->home(), $request->string('task')->toString()));
    }

    public function edit(Machine $machine, Handbook $handbook): View
    {
        return view('machines.edit', ['machine' => $machine, 'kind' => $machine->kindIn($handbook)]);
    }

    public function update(MachineRequest $request, Machine $machine, ChangeMachine $change): RedirectResponse
    {
        $change->handle($machine, $request->description());

        return redirect()->route('machines.show', $machine)->with('did', __('machines.saved'));
    }
}
