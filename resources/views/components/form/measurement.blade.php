@use('GoodRinse\Core\Handbook\Scale\MeasurementKind')
<fieldset class="reading">
    <legend>{{ $rule->name }}</legend>
    @switch($rule->kind)
        @case(MeasurementKind::Some)
        @case(MeasurementKind::One)
            <div class="chips">
                @foreach ($rule->options as $option)
                    <label class="chip"><input type="{{ $rule->kind === MeasurementKind::Some ? 'checkbox' : 'radio' }}"
                        name="r[{{ $rule->id }}]{{ $rule->kind === MeasurementKind::Some ? '[]' : '' }}" value="{{ $option->id }}"
                        @checked(in_array($option->id, (array) old("r.$rule->id",
                            $given?->picks ?? []), true))> {{ $option->name }}</label>
                @endforeach
            </div>
            @if ($rule->heard)
                <div class="with-gap mt-2" x-data="loudness" data-text="{{ __('readings.loudness.level') }}"
                    data-refused="{{ __('readings.loudness.refused') }}">
                    <button type="button" class="push push--quiet" x-ref="listen" x-on:click="toggle"
                        hidden>{{ __('readings.loudness.listen') }}</button>
                    <meter min="0" max="100" x-ref="meter" hidden></meter> <span role="status" class="small" x-ref="level"></span>
                </div>
            @endif
            @break
        @case(MeasurementKind::Number)
            <div class="stepper">
                <input class="form-control nums" type="number" inputmode="decimal" step="any" min="{{ $in->range($rule->range)->least }}"
                    max="{{ $in->range($rule->range)->most }}" name="r[{{ $rule->id }}]" aria-label="{{ $rule->name }}, {{ $in->name }}"
                    value="{{ old("r.$rule->id", isset($given->number) ? $in->written($given->number) : null) }}">
                    <span>{{ $in->name }}</span>
            </div>
            @break
        @case(MeasurementKind::Ratio)
            <div class="stepper" x-data="stepper">
                <button type="button" class="push" x-on:click="less" aria-label="{{
                    __('views/components/form/measurement.one_fewer_shut', ['rule' => $rule->name]) }}">−</button>
                <input class="form-control nums" type="number" inputmode="decimal" min="0" step="0.5" max="{{ $rule->range->most }}"
                    name="r[{{ $rule->id }}][shut]" aria-label="{{
                        __('views/components/form/measurement.shut', ['rule' => $rule->name]) }}"
                    value="{{ old("r.$rule->id.shut", $given?->number) }}" x-ref="count" data-shut>
                <button type="button" class="push" x-on:click="more" aria-label="{{
                    __('views/components/form/measurement.one_more_shut', ['rule' => $rule->name]) }}">+</button>
                <span class="stepper__of">{{
                    __('views/components/form/measurement.shut_of') }} <input class="form-control nums" type="number"
                        inputmode="numeric" min="1"
                    max="{{ $rule->range->most }}" name="r[{{ $rule->id }}][all]" aria-label="{{
                        __('views/components/form/measurement.all', ['rule' => $rule->name, 'unit' => $rule->unit]) }}"
                    value="{{ old("r.$rule->id.all", $given?->of ?? $total) }}" data-all></span>
            </div>
            @break
    @endswitch
</fieldset>
