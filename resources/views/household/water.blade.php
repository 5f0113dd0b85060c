<x-layout title="Your water" place="household">
    <h1>{{ $tried ? ($moved ? 'This is what would move.' : 'No date would move.') : 'How hard is your water?' }}</h1>
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
                <button class="push push--main">Use it</button>
                <a class="push push--quiet" href="{{ route('household') }}">Leave it as it was</a>
            </form>
        </section>
    @endif
    <div class="two-tiles">
        <section class="tile">
            <h2>With a test strip</h2>
            <p>Dip it for a second, shake it, wait a minute. The harder the water, the more of its windows turn. Which one looks like yours?
                </p>
            @if ($turned !== null)
                <p class="with-gap"><x-drawing.test-strip :windows="count($strip) - 1"
                    :turned="$turned"/><strong>The simulated strip from your tap: {{ $turned }} turned.</strong></p>
            @endif
            <form method="get" action="{{ route('water') }}" class="strips">
                @foreach ($strip as $windows => $degrees)
                    <button class="push strip-pick" name="strip" value="{{ $windows }}"><x-drawing.test-strip :windows="count($strip) - 1"
                        :turned="$windows"/><span>{{ $windows === 0 ? 'none'
                        : $windows.' turned' }}<small>about {{ App\View\Words\Uses::number($degrees) }} °dH</small></span></button>
                @endforeach
            </form>
            <p class="mt-3 mb-0"><a class="push push--quiet"
                href="{{ route('water', ['dip' => 1]) }}">No strip at hand: dip a simulated one</a></p>
        </section>
        <form class="tile" method="get" action="{{ route('water') }}">
            <h2>With a number</h2>
            <p class="hint">From the supplier's page or a drop test.</p>
            <x-form.field name="hardness" label="Hardness" type="number" min="0" max="2000" step="any" inputmode="decimal"
                :value="$tried ? $hardness : $household->hardness" required/>
            <div class="field">
                <label class="form-label" for="f-hardness_unit">in</label>
                <select class="form-select" id="f-hardness_unit" name="hardness_unit">
                    @foreach ($units as $each)<option value="{{ $each }}" @selected(($tried ? $unit : $household->hardness_unit) === $each)>
                        {{ __("units.hardness.$each") }}</option>@endforeach
                </select>
            </div>
            @error('hardness')<label class="with-gap mt-3"><input type="checkbox" name="sure" value="1">
                {{ __('household.hardness_sure') }}</label>@enderror
            <p class="mt-4 mb-0"><button class="push">See what moves</button></p>
        </form>
    </div>
</x-layout>
