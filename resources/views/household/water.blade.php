<x-layout :title="__('views/household/water.your_water')" place="household">
    <h1>{{ $tried ? ($moved
        ? __('views/household/water.this_is_what_would_move') : __('views/household/water.no_date_would_move'))
            : __('views/household/water.how_hard_is_your_water') }}</h1>
    @if ($tried)
        <section class="tile mb-3">
            <p>{{ App\View\Words\Uses::number($hardness) }} {{ __("units.hardness.$unit") }}</p>
            <x-care.date-changes :moved="$moved" :today="$today" :machines="true"/>
            <form method="post" action="{{ route('water') }}" class="with-gap mt-3">
                @csrf
                @method('put')
                <input type="hidden" name="hardness" value="{{ $hardness }}">
                <input type="hidden" name="hardness_unit" value="{{ $unit }}">
                <input type="hidden" name="sure" value="1">
                <button class="push push--main">{{ __('views/household/water.use_it') }}</button>
                <a class="push push--quiet" href="{{ route('household') }}">{{ __('views/household/water.leave_it_as_it_was') }}</a>
            </form>
        </section>
    @endif
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('views/household/water.with_a_test_strip') }}</h2>
            <p>{{ __('views/household/water.dip_it_for_a_second_shake') }}
                </p>
            @if ($turned !== null)
                <p class="with-gap"><x-drawing.test-strip :windows="count($strip) - 1"
                    :turned="$turned"/><strong>{{
                        __('views/household/water.the_simulated_strip_from_your_tap', ['turned' => $turned]) }}</strong></p>
            @endif
            <form method="get" action="{{ route('water') }}" class="strips">
                @foreach ($strip as $windows => $degrees)
                    <button class="push strip-pick" name="strip" value="{{ $windows }}"><x-drawing.test-strip :windows="count($strip) - 1"
                        :turned="$windows"/><span>{{ $windows === 0 ? __('views/household/water.none')
                        : $windows.' '.__('views/household/water.turned') }}<small>{{
                            __('views/household/water.about_dh', ['degrees' => App\View\Words\Uses::number($degrees)])
                                }}</small></span></button>
                @endforeach
            </form>
            <p class="mt-3 mb-0"><a class="push push--quiet"
                href="{{ route('water', ['dip' => 1]) }}">{{ __('views/household/water.no_strip_at_hand_dip_a') }}</a></p>
        </section>
        <form class="tile" method="get" action="{{ route('water') }}">
            <h2>{{ __('views/household/water.with_a_number') }}</h2>
            <p class="hint">{{ __('views/household/water.from_the_suppliers_page_or_a') }}</p>
            <x-form.field name="hardness" :label="__('views/household/water.hardness')" type="number" min="0" max="2000" step="any"
                inputmode="decimal"
                :value="$tried ? $hardness : $household->hardness" required/>
            <div class="field">
                <label class="form-label" for="f-hardness_unit">{{ __('views/household/water.in') }}</label>
                <select class="form-select" id="f-hardness_unit" name="hardness_unit">
                    @foreach ($units as $each)<option
                        value="{{ $each }}" @selected(($tried ? $unit : $household->hardness_unit) === $each)>
                        {{ __("units.hardness.$each") }}</option>@endforeach
                </select>
            </div>
            @error('hardness')<label class="with-gap mt-3"><input type="checkbox" name="sure" value="1">
                {{ __('household.hardness_sure') }}</label>@enderror
            <p class="mt-4 mb-0"><button class="push">{{ __('views/household/water.see_what_moves') }}</button></p>
        </form>
    </div>
</x-layout>
