@props(['lines', 'people' => [], 'moves' => false])
<ol class="running-order">
    @foreach ($lines as $line)
        @if ($line->free)<li class="running-order__free">{{ $line->free }}</li>@endif
        <li @class(['running-order__wait' => $line->number === null])>
            <span class="running-order__number" aria-hidden="true">{{ $line->number }}</span>
            <span class="nums">{{ $line->from }}</span>
            <span><strong>{{ $line->machine }}</strong>
                {{ $line->number ? $line->what : __('plan.wait', ['what' => $line->what, 'until' => $line->until]) }}
                @if ($line->who)<span class="tag">{{ $line->who }}</span>@endif
                @if ($line->at)<span class="tag">{{ __('plan.is_set') }}</span>@endif
                @if ($moves && $line->number)
                    <details class="running-order__move" @if ($line->at) open @endif>
                        <summary>{{ __(count($people) > 1 ? 'plan.move_or_give' : 'plan.move') }}<span class="visually-hidden">:
                            {{ $line->machine }}, {{ $line->what }}</span></summary>
                        <label>{{ __('plan.begin_at') }} <input class="form-control" type="time" form="plan" name="set[{{ $line->id }}]"
                            value="{{ $line->at }}"></label>
                        @if (count($people) > 1)
                            <label>{{ __('plan.done_by') }} <select class="form-select" form="plan" name="by[{{ $line->id }}]">
                                <option value="">{{ __('plan.whoever') }}</option>
                                @foreach ($people as $hand => $name)<option value="{{ $hand }}"
                                    @selected($line->isGiven && $line->hand === $hand)>{{ $name }}</option>@endforeach</select></label>
                        @endif
                        <button class="push" form="plan">{{ __('plan.again') }}</button>
                    </details>
                @endif
            </span>
        </li>
    @endforeach
</ol>
