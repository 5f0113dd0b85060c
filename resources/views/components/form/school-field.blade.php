<div class="field">
    <label class="form-label" for="f-school-{{ $task->id }}">{{
        __('views/components/form/school-field.how_often_to_begin_with', ['task' => $task->name]) }}</label>
    <p class="hint" id="f-school-{{ $task->id }}-hint">{{ $said ?? __('views/components/form/school-field.only_a_start_after_that_what')
        }}</p>
    <select class="form-select" id="f-school-{{ $task->id }}" name="schools[{{ $task->id }}]"
        aria-describedby="f-school-{{ $task->id }}-hint">
        <option value="" @selected($picked === '')>{{
            __('views/components/form/school-field.as_it_fits_how_you_use', ['fitting' => $fitting]) }}</option>
        @foreach ($task->schools as $school)
            <option value="{{ $school->id }}" @selected($picked === $school->id)>{{ $school->name }}: {{ $school->note }}</option>
        @endforeach
    </select>
</div>
