<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\WriteOwnTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\OwnTaskRequest;
use App\Models\Machine;
use App\View\Pages\OwnTasks\OwnTaskPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Care tasks that a household writes itself, for a machine or for the kitchen. */
final class OwnTaskController extends Controller
{
    public function index(Request $request, OwnTaskPage $page): View
    {
        return view('tasks.index', $page->all($this->person($request)->home()));
    }

    public function create(Request $request, string $where, OwnTaskPage $page): View
    {
        return view('tasks.form', $page->blank($this->person($request)->home(), $where));
    }

    public function store(OwnTaskRequest $request, WriteOwnTask $write): RedirectResponse
    {
        $machine = $write->add(
            $request->machine() ?? (string) __('tasks.kitchen'),
            $this->person($request),
            $request->string('id')->toString(),
            $request->task(),
        );

        return redirect()->route('machines.show', $machine)->with('did', __('tasks.kept'));
    }

    public function edit(Request $request, Machine $machine, string $task, OwnTaskPage $page): View
    {
        return view('tasks.form', $page->one($this->person($request)->home(), $machine, $task));
    }

    public function update(OwnTaskRequest $request, Machine $machine, string $task, WriteOwnTask $write): RedirectResponse
    {
        $write->change($machine, $this->person($request), $task, $request->task());

        return redirect()->route('machines.show', [$machine, 'task' => $task])->with('did', __('tasks.changed'));
    }

    public function destroy(Request $request, Machine $machine, string $task, WriteOwnTask $write): RedirectResponse
    {
        $write->end($machine, $this->person($request), $task, true);

        return redirect()->route('tasks.index')->with('did', __('tasks.ended'));
    }

    public function resume(Request $request, Machine $machine, string $task, WriteOwnTask $write): RedirectResponse
    {
        $write->end($machine, $this->person($request), $task, false);

        return redirect()->route('machines.show', [$machine, 'task' => $task])->with('did', __('tasks.resumed'));
    }
}
