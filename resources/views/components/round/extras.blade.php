@props(['view', 'step', 'handbook', 'machine'])
{{-- What can be said beside the answer of a step: pieces, another amount, a note, a picture, leaving it out. --}}
<div class="extras">
    @if ($step->putsBack && $view->sheet?->comesAlong())
        <details>
            <summary>{{ __('views/components/round/extras.something_is_left_over') }}</summary>
            @foreach ([...array_column($view->sheet->holding->pieces, 'name'), ...$view->sheet->holding->loose] as $piece)
                <div class="stepper" x-data="stepper"><button type="button" class="push" x-on:click="less"
                    aria-label="{{ __('views/components/round/extras.one_fewer', ['piece' => $piece]) }}">−</button><input
                        class="form-control nums" type="number" inputmode="numeric"
                    min="0" max="40" name="left[{{ $piece }}]" aria-label="{{
                        __('views/components/round/extras.left_over', ['piece' => $piece]) }}"
                    value="{{ old("left.$piece", $view->answered->details->leftOver[$piece] ?? 0) }}" x-ref="count"><button type="button"
                        class="push"
                    x-on:click="more" aria-label="{{
                        __('views/components/round/extras.one_more', ['piece' => $piece]) }}">+</button> <span>{{ $piece }}</span></div>
            @endforeach
        </details>
    @endif
    @if ($step->amounts)
        <details>
            <summary>{{ __('views/components/round/extras.poured_another_amount') }}</summary>
            <fieldset class="poured-as">
                <legend class="visually-hidden">{{ __('views/components/round/extras.how_much_was_poured') }}</legend>
                @foreach (['0' => __('views/components/round/extras.none'), '0.5' => __('views/components/round/extras.half'),
                    '1' => __('views/components/round/extras.as_said'), '1.5' => __('views/components/round/extras.half_as_much_again'),
                    '2' => __('views/components/round/extras.twice')] as $share => $name)
                    <label class="chip"><input type="radio" name="share" value="{{ $share }}"
                        @checked((float) old('share', $view->answered->share ?? 1) === (float) $share)> {{ $name }}</label>
                @endforeach
            </fieldset>
            @if ($strong = $handbook->agent($step->amounts[0]->agent)->strengths)
                <fieldset class="poured-as">
                    <legend class="small">{{ __('views/components/round/extras.strength_on_the_bottle') }}</legend>
                    @foreach ($strong as $percent)
                        <label class="chip"><input type="radio" name="strength" value="{{ $percent }}"
                            @checked((float) old('strength', $view->answered->strength ?? $step->amounts[0]->strength ?? 0) === $percent)>
                            {{ $percent }} %</label>
                    @endforeach
                </fieldset>
            @endif
        </details>
    @endif
    <details @if (old('note')) open @endif>
        <summary>{{ __('views/components/round/extras.add_a_note') }}</summary>
        <label class="visually-hidden" for="note">{{ __('views/components/round/extras.note') }}</label>
        <textarea class="form-control" id="note" name="note" rows="3" maxlength="2000"
            x-ref="note">{{ is_string(old('note')) ? old('note') : '' }}</textarea>
    </details>
    @if ($step->part)
        <a class="push push--quiet" href="{{ route('machines.parts', [$machine, 'part' => $step->part]) }}">{{
            __('views/components/round/extras.a_part_is_worn') }}</a>
    @endif
    <div x-data="photo">
        <label class="push file"><span x-text="label">{{
            __('views/components/round/extras.add_a_picture') }}</span><input type="file" name="photo"
            accept="image/jpeg,image/png,image/webp" capture="environment" x-on:change="chosen" @invalid('photo')></label>
        <x-form.field-error name="photo"/>
    </div>
    @if ($view->offersSkip())
        <button class="push push--quiet" name="how" value="skipped"
            formnovalidate>{{ $view->skipWord() }}</button>
    @endif
</div>
