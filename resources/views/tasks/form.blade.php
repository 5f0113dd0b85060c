<x-layout :title="($task ? $task->title : __('views/tasks/form.a_task_of_your_own')).': '.$data->machineName()" place="kitchen">
    <section class="tile narrow">
        <p class="muted mb-0"><a
            href="{{ $machine ? route('machines.show', $machine) : route('tasks.index') }}">{{ $data->machineName() }}
            </a></p>
        <h1>{{ $task ? __('views/tasks/form.change').' '.$task->title : __('views/tasks/form.a_task_of_your_own') }}</h1>
        <form method="post" action="{{ $task ? route('tasks.update', [$machine, $task->id]) : route('tasks.store') }}">
            @csrf
            @if ($task) @method('put') @else
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="machine" value="{{ $data->machineId() }}">
            @endif
            <x-form.field name="title" :label="__('views/tasks/form.what_do_you_call_it')" :value="$task?->title" maxlength="60" required
                :hint="__('views/tasks/form.wipe_the_toe_plate_vacuum_the')"/>
            <div class="field">
                <label class="form-label" for="f-lines">{{ __('views/tasks/form.what_is_done_one_line_for') }}</label>
                <p class="hint" id="f-lines-hint">{{ __('views/tasks/form.a_round_shows_one_step_after') }}</p>
                <textarea class="form-control" id="f-lines" name="lines" rows="6" required maxlength="6000"
                    @invalid('lines', 'f-lines-hint')>{{ $data->picked()['lines'] }}</textarea>
                <x-form.field-error name="lines"/>
            </div>
            <x-form.field name="minutes" :label="__('views/tasks/form.minutes_of_your_hands')" type="number" min="1" max="480"
                inputmode="numeric" required
                :value="$task?->minutes"/>
            <div class="field">
                <label class="form-label" for="f-every">{{ __('views/tasks/form.every') }}</label>
                <div class="row g-2">
                    <div class="col-5"><input class="form-control" id="f-every" name="every" type="number" min="1" max="3650"
                        inputmode="numeric" required value="{{ is_scalar(old('every')) ? old('every') : $task?->every }}"
                            @invalid('every')></div>
                    <div class="col-7"><select class="form-select" name="unit" aria-label="{{
                        __('views/tasks/form.counted_in') }}" @invalid('unit')>
                        @foreach ($data->units() as $unit => $name)<option value="{{ $unit }}" @selected($data->picked()['unit']
                            === $unit)>{{ $name }}</option>@endforeach
                    </select></div>
                </div>
                <x-form.field-error name="every" :label="__('views/tasks/form.every')"/>
                <x-form.field-error name="unit"/>
            </div>
            @unless ($task)<x-form.field name="last_done" :label="__('views/tasks/form.last_done_on')" type="date" :max="(string) $today"
                :hint="__('views/tasks/form.leave_it_empty_when_nobody_knows')"/>@endunless
            <details class="field" @if ($data->hasMore() || $errors->hasAny(['part', 'needs', 'scale'])) open @endif>
                <summary>{{ __('views/tasks/form.more_about_it') }}</summary>
                <x-form.field name="needs" :label="__('views/tasks/form.things_to_have_within_reach')" :value="$data->needs()"
                    maxlength="400"
                    :hint="__('views/tasks/form.commas_between')"/>
                <x-form.field name="part" :label="__('views/tasks/form.what_gets_dirty')" :value="$task?->part" maxlength="40"
                    :hint="__('views/tasks/form.toe_plate_coils_bin')"/>
                <div class="field">
                    <label class="form-label" for="f-scale">{{ __('views/tasks/form.how_is_it_judged') }}</label>
                    <p class="hint" id="f-scale-hint">{{ __('views/tasks/form.with_a_scale_the_interval_learns') }}</p>
                    <select class="form-select" id="f-scale" name="scale" @invalid('scale', 'f-scale-hint')>
                        <option value="">{{ __('views/tasks/form.it_is_only_done') }}</option>
                        @foreach ($data->scaleNames() as $id => $name)<option value="{{ $id }}" @selected($data->picked()['scale']
                            === $id)>{{ $name }}</option>@endforeach
                    </select>
                    <x-form.field-error name="scale"/>
                </div>
            </details>
            <p class="muted small">{{ __('views/tasks/form.nobody_checks_what_you_pour_in') }}</p>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">{{ __('views/tasks/form.keep_it') }}</button><a class="push"
                href="{{ $machine ? route('machines.show', $machine) : route('tasks.index') }}">{{
                    __('views/tasks/form.leave_it_as_it_is') }}</a></p>
        </form>
    </section>
    @if ($task && ! $task->ended)
        <form class="narrow mt-3" method="post" action="{{ route('tasks.destroy', [$machine, $task->id]) }}">
            @csrf @method('delete')
            <p class="muted small mb-1">{{ __('views/tasks/form.its_entries_stay_in_the_logbook') }}</p>
            <button class="push push--quiet">{{ __('views/tasks/form.give_this_task_up') }}</button>
        </form>
    @endif
</x-layout>
