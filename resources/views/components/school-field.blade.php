@props(['task', 'machine' => null, 'said' => null])
<div class="field">
    <label class="form-label" for="f-school-{{ $task->id }}">{{ $task->name }}: how often to begin with?</label>
    <p class="hint" id="f-school-{{ $task->id }}-hint">{{ $said ?? 'Only a start. After that, what you find sets the rhythm.' }}</p>
    <select class="form-select" id="f-school-{{ $task->id }}" name="schools[{{ $task->id }}]" aria-describedby="f-school-{{ $task->id }}-hint">
        @foreach ($task->schools as $school)
            <option value="{{ $school->id }}" @selected(old("schools.$task->id", $machine->schools[$task->id] ?? $task->school(null)->id) === $school->id)>{{ $school->name }}: {{ $school->who }}</option>
        @endforeach
    </select>
</div>
