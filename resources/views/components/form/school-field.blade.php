@props(['task', 'machine' => null, 'said' => null])
@php($picked = old("schools.$task->id", $machine->schools[$task->id] ?? ''))
<div class="field">
    <label class="form-label" for="f-school-{{ $task->id }}">{{ $task->name }}: how often to begin with?</label>
    <p class="hint" id="f-school-{{ $task->id }}-hint">{{ $said ?? 'Only a start. After that, what you find sets the rhythm.' }}</p>
    <select class="form-select" id="f-school-{{ $task->id }}" name="schools[{{ $task->id }}]"
        aria-describedby="f-school-{{ $task->id }}-hint">
        <option value="" @selected($picked === '')>As it fits how you use it{{ $machine
            ? ': '.mb_strtolower($task->proposed($machine->habits)->name) : ' (usually '.mb_strtolower($task->proposed([])->name).')' }}
            </option>
        @foreach ($task->schools as $school)
            <option value="{{ $school->id }}" @selected($picked === $school->id)>{{ $school->name }}: {{ $school->who }}</option>
        @endforeach
    </select>
</div>
