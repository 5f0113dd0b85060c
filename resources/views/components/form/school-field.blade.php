<div class="field">
    <label class="form-label" for="f-school-{{ $task->id }}">{{ $task->name }}: how often to begin with?</label>
    <p class="hint" id="f-school-{{ $task->id }}-hint">{{ $said ?? 'Only a start. After that, what you find sets the rhythm.' }}</p>
    <select class="form-select" id="f-school-{{ $task->id }}" name="schools[{{ $task->id }}]"
        aria-describedby="f-school-{{ $task->id }}-hint">
        <option value="" @selected($picked === '')>As it fits how you use it{{ $fitting }}</option>
        @foreach ($task->schools as $school)
            <option value="{{ $school->id }}" @selected($picked === $school->id)>{{ $school->name }}: {{ $school->who }}</option>
        @endforeach
    </select>
</div>
