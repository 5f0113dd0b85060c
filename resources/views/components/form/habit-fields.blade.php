@foreach ($habits as $habit)
    @if ($habit->number)
        <x-form.field name="habits[{{ $habit->id }}]" :label="$habit->ask" type="number" :min="$habit->number->least"
            :max="$habit->number->most" step="0.5" inputmode="decimal" :value="$machine->habits[$habit->id] ?? $habit->default"/>
    @else
        <x-form.choice name="habits[{{ $habit->id }}]" :legend="$habit->ask" :options="$habit->options"
            :value="$machine->habits[$habit->id] ?? null" :drawing="$habit->drawn ? $habit->id : null" :unknown="true"/>
    @endif
@endforeach
@foreach ($first as $task)<x-form.school-field :task="$task" :machine="$machine" :said="$said[$task->id] ?? null"/>@endforeach
@if ($others)
    <details class="mt-3" @if ($said || $errors->has('schools.*')) open @endif>
        <summary>{{ __('views/components/form/habit-fields.how_often_for_everything_else') }}</summary>
        <div class="mt-2 school-grid">@foreach ($others as $task)<x-form.school-field :task="$task" :machine="$machine"
            :said="$said[$task->id] ?? null"/>@endforeach</div>
    </details>
@endif
