<?php

declare(strict_types=1);

namespace App\Http\Controllers\Traces;

use App\Actions\Machines\ResetLearning;
use App\Actions\Rounds\StorePhoto;
use App\Actions\Traces\BeginTrace;
use App\Actions\Traces\EndTrace;
use App\Actions\Traces\StepTrace;
use App\Care\Readers\TraceReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Rounds\StepRequest;
use App\Http\Requests\Traces\TraceRequest;
use App\Models\Machine;
use App\Models\Trace;
use App\Support\DerivedUlid;
use App\Support\Pdf;
use App\View\Pages\Traces\TracePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Response;

/** From what is noticed to what puts it right. */
final class TraceController extends Controller
{
    public function create(Request $request, Machine $machine, TracePage $page): View
    {
        return view('traces.create', $page->note($machine, $this->person($request)->home(), $request->string('task')->toString()));
    }

    /** From anywhere: the machine that was last written about. */
    public function anywhere(Request $request): RedirectResponse
    {
        $home = $this->person($request)->home();
        $machines = $home->activeMachines()->whereNot('kind', Machine::KITCHEN)->orderBy('name')->pluck('id');
        $last = $home->entries()->whereIn('machine_id', $machines)->orderByDesc('seq')->value('machine_id') ?? $machines->first();

        return null === $last ? redirect()->route('today') : redirect()->route('traces.create', $last);
    }

    public function store(TraceRequest $request, Machine $machine, BeginTrace $begin, StorePhoto $keep): RedirectResponse
    {
        $trace = $begin->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            $request->report(),
            $request->boolean('look') || null !== $request->photo(),
        );
        $photo = $request->photo();
        if (null !== $trace && null !== $photo) {
            $keep->ofTrace($trace, $this->person($request), $photo);
        }

        if (null !== $trace) {
            return redirect()->route('traces.show', $trace);
        }
        $noted = redirect()->route('machines.show', $machine)->with(
            'did',
            __(null === $request->task() ? 'traces.noted' : 'machines.noticed'),
        );

        return 1 === count($request->symptoms())
            ? $noted->with('undo', DerivedUlid::of($request->ulid(), $request->symptoms()[0]))
            : $noted;
    }

    public function show(Request $request, Trace $trace, TracePage $page): View
    {
        return view(
            'traces.show',
            $page->deck($trace, $this->person($request)->home(), $request->string('card')->toString()),
        );
    }

    public function step(StepRequest $request, Trace $trace, StepTrace $step): RedirectResponse
    {
        $step->add(
            $trace,
            $this->person($request),
            $request->integer('seen'),
            $request->string('kind')->toString(),
            $request->string('card')->toString(),
            $request->filled('result') ? $request->string('result')->toString() : null,
        );

        return redirect()->route('traces.show', $trace);
    }

    public function back(Request $request, Trace $trace, StepTrace $step): RedirectResponse
    {
        $request->validate(['seen' => ['required', 'integer'], 'place' => ['required', 'integer', 'between:0,200']]);
        $step->takeBack($trace, $this->person($request), $request->integer('seen'), $request->integer('place'));

        return redirect()->route('traces.show', $trace);
    }

    public function end(Request $request, Trace $trace, EndTrace $end, TraceReader $reader): RedirectResponse
    {
        $actions = array_keys($reader->trouble($trace->machine, $this->person($request)->home())->actions);
        $request->validate([
            'how' => ['required', Rule::in(Trace::ENDS)],
            'action' => ['nullable', 'required_if:how,'.Trace::FIXED, 'string', Rule::in($actions)],
        ]);
        $how = $request->string('how')->toString();
        $action = Trace::FIXED === $how ? $request->string('action')->toString() : null;
        $end->handle(
            $trace,
            $this->person($request),
            $how,
            $action,
            null === $action ? null : $reader->causeOf($trace, $this->person($request)->home(), $action),
        );

        return redirect()->route('traces.show', $trace)->with('did', __("traces.ended.$how"));
    }

    /** What somebody who was called found. */
    public function told(Request $request, Trace $trace, EndTrace $end, TraceReader $reader): RedirectResponse
    {
        $causes = array_keys($reader->trouble($trace->machine, $this->person($request)->home())->causes);
        $request->validate([
            'cause' => ['nullable', 'string', Rule::in($causes)],
            'note' => ['nullable', 'string', 'max:500'],
            'cost' => ['nullable', 'numeric', 'between:0,100000'],
        ]);
        $end->told(
            $trace,
            $request->filled('cause') ? $request->string('cause')->toString() : null,
            $request->filled('note') ? $request->string('note')->trim()->toString() : null,
            $request->filled('cost') ? $request->float('cost') : null,
        );

        return redirect()->route('traces.show', $trace)->with('did', __('traces.told'));
    }

    public function held(Request $request, Trace $trace, EndTrace $end): RedirectResponse
    {
        $end->held($trace, $this->person($request), $request->boolean('held'));

        return redirect()->route('traces.show', $trace)->with('did', __($request->boolean('held') ? 'traces.held' : 'traces.not_held'));
    }

    public function sheet(Request $request, Trace $trace, TracePage $page): View
    {
        return view('traces.sheet', $page->sheet($trace, $this->person($request)->home()));
    }

    public function sheetPdf(Request $request, Trace $trace, TracePage $page, Pdf $pdf): Response
    {
        return $pdf->page(view('traces.sheet-pdf', $page->sheet($trace, $this->person($request)->home())), 'call-sheet.pdf');
    }

    public function forget(Machine $machine, ResetLearning $forget): RedirectResponse
    {
        $forget->handle($machine);

        return back()->with('did', __('traces.forgotten'));
    }
}
