@use('GoodRinse\Core\Logbook\Payload\Absence')
@use('GoodRinse\Core\Logbook\Payload\Dose')
@use('GoodRinse\Core\Logbook\Payload\Measurement')
@use('GoodRinse\Core\Logbook\Payload\Note')
@use('GoodRinse\Core\Logbook\Payload\Opening')
@use('GoodRinse\Core\Logbook\Payload\UseCount')
<x-layout :title="__('views/entries/correct.set_it_right')" place="logbook">
    <form method="post" action="{{ route('entries.correct', $entry) }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <h1>{{ __('views/entries/correct.what_should_it_have_said') }}</h1>
        <section class="tile">
            <p class="muted">{{ __('views/entries/correct.it_says_the_old_line_stays', ['words' => $words]) }}
                </p>
            @if ($payload instanceof Absence)
                <div class="row g-3">
                    <div class="col-6"><x-form.field name="from" :label="__('views/entries/correct.from')" type="date"
                        :value="(string) $payload->from" required/></div>
                    <div class="col-6"><x-form.field name="to" :label="__('views/entries/correct.to_that_day_too')" type="date"
                        :value="(string) $payload->to"
                        required/></div>
                </div>
                <x-form.field-error name="on"/>
            @else
                <div class="row g-3">
                    <div class="col-6"><x-form.field name="on" :label="__('views/entries/correct.day')" type="date"
                        :value="(string) $on" :max="(string) $today"
                        required/>
                        </div>
                    <div class="col-6"><x-form.field name="at" :label="__('views/entries/correct.time_if_you_know_it')" type="time"
                        :value="$at"/></div>
                </div>
            @endif
            @if ($payload instanceof Opening)
                <div class="field">
                    <label class="form-label" for="f-task">{{ __('views/entries/correct.what_was_done') }}</label>
                    <select class="form-select" id="f-task" name="task" @invalid('task')>@foreach ($tasks as $task)
                        <option value="{{ $task->id }}" @selected(old('task', $payload->task) === $task->id)>
                        {{ $task->byPart ? $kind->part($task->part)->name($entry->machine->traits) : $task->name }}</option>@endforeach
                        </select>
                    <x-form.field-error name="task"/>
                </div>
                @if ($scale)
                    <div class="row g-3">
                        @foreach (['found' => [__('views/entries/correct.found'), $payload->found],
                            'left' => [__('views/entries/correct.left'), $payload->left]] as $name => [$label, $was])
                            <div class="col-6 field">
                                <label class="form-label" for="f-{{ $name }}">{{ $label }}</label>
                                <select class="form-select" id="f-{{ $name }}" name="{{ $name }}"
                                    @invalid($name)>@foreach ($scale->grades as $grade)
                                    <option value="{{ $grade->id }}" @selected(old($name, $scale->nearest($was)->id) === $grade->id)>
                                    {{ $grade->name }}</option>@endforeach</select>
                                <x-form.field-error :name="$name"/>
                            </div>
                        @endforeach
                    </div>
                @endif
            @elseif ($payload instanceof Dose)
                <div class="row g-3">
                    <div class="col-4"><x-form.field name="amount" :label="__('views/entries/correct.amount')" inputmode="decimal"
                        :value="$payload->portion ? round($payload->portion->count, 1) : ''"/></div>
                    <div class="col-4 field"><label class="form-label" for="f-unit">{{ __('views/entries/correct.in') }}</label>
                        <select class="form-select" id="f-unit" name="unit">@foreach ($measures as $unit)
                        <option value="{{ $unit }}" @selected(old('unit', $payload->portion?->unit->value) === $unit)>
                        {{ __("units.portions.$unit") }}</option>@endforeach</select></div>
                    <div class="col-4"><x-form.field name="strength" :label="__('views/entries/correct.strength')" inputmode="decimal"
                        :value="$payload->strength"/>
                        </div>
                </div>
            @elseif ($payload instanceof UseCount)
                <x-form.field name="uses"
                    :label="$payload->over
                        ? __('views/entries/correct.how_many_in_these').' '.$payload->over.' '.__('views/entries/correct.days')
                            : __('views/entries/correct.how_many')" type="number"
                    step="any"
                    min="0" inputmode="decimal" :value="$payload->uses" required/>
            @elseif ($reading)
                <x-form.field name="number" :label="trim($reading->name.', '.$field->name, ', ')" type="number" step="any" min="0"
                    inputmode="decimal" :value="$field->written($payload->number)" required/>
            @elseif ($payload instanceof Note)
                <div class="field">
                    <label class="form-label" for="f-text">{{ __('views/entries/correct.note') }}</label>
                    <textarea class="form-control" id="f-text" name="text" rows="4"
                        required @invalid('text')>{{ old('text', $payload->text) }}</textarea>
                    <x-form.field-error name="text"/>
                </div>
            @endif
            @if (count($alike) > 1)
                <div class="field"><label class="form-label" for="f-machine">{{ __('views/entries/correct.machine') }}</label>
                    <select class="form-select" id="f-machine" name="machine">@foreach ($alike as $each)
                    <option value="{{ $each->id }}" @selected(old('machine', $entry->machine_id) === $each->id)>{{ $each->name }}</option>
                    @endforeach</select></div>
            @endif
            <p class="with-gap mt-3 mb-0"><button class="push push--main">{{
                __('views/entries/correct.set_it_right') }}</button><a class="push push--quiet"
                href="{{ route('logbook', ['entry' => $entry->id]) }}">{{ __('views/entries/correct.leave_it') }}</a></p>
        </section>
    </form>
</x-layout>
