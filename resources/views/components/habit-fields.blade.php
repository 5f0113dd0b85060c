@props(['kind', 'machine' => null])
@foreach ($kind->habits as $habit)
    @if ($habit->number)
        <x-field name="habits[{{ $habit->id }}]" :label="$habit->ask" type="number" :min="$habit->number->least" :max="$habit->number->most" step="0.5" inputmode="decimal" :value="$machine->habits[$habit->id] ?? $habit->default" required/>
    @else
        <x-picks name="habits[{{ $habit->id }}]" :legend="$habit->ask" :options="$habit->options" :value="$machine->habits[$habit->id] ?? $habit->default"/>
    @endif
@endforeach
@foreach ($kind->tasks as $task)
    <div class="field">
        <label class="form-label" for="f-school-{{ $task->id }}">{{ $task->name }}: how often to begin with?</label>
        <p class="hint" id="f-school-{{ $task->id }}-hint">Only a start. After that, what you find sets the rhythm.</p>
        <select class="form-select" id="f-school-{{ $task->id }}" name="schools[{{ $task->id }}]" aria-describedby="f-school-{{ $task->id }}-hint">
            @foreach ($task->schools as $school)
                <option value="{{ $school->id }}" @selected(old("schools.$task->id", $machine->schools[$task->id] ?? $task->school(null)->id) === $school->id)>{{ $school->name }}: {{ $school->who }}</option>
            @endforeach
        </select>
    </div>
@endforeach
