<x-layout :title="__('measures.cup.title', ['machine' => $machine->name])" place="kitchen">
    <x-measure.way :machine="$machine"/>
    <h1>{{ $head }}</h1>
    <p class="lead-line">{{ $advice }}</p>
    <form method="post" action="{{ route('measures.cup', $machine) }}" class="tile cup" x-data="cup" data-given="{{ $script }}">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <section class="caution mb-3"><h2>{{ $caution->title }}</h2><p>{{ $caution->text }}</p></section>
        <div class="cup__view">
            <div class="cup__drawn">
                <svg class="cup__glass" viewBox="0 0 120 150" aria-hidden="true">
                    <path class="in-water" x-ref="water" d=""/>
                    <path class="ink-line w-firm" x-ref="glass" d="M26 10 L32 140 H88 L94 10"/>
                </svg>
                <label class="cup__slide"><span class="visually-hidden">{{ __('measures.cup.level') }}</span>
                    <input type="range" min="0" max="100" value="0" x-ref="level" x-on:input="slide"></label>
            </div>
            <div>
                <p class="clock nums" x-ref="clock" hidden>0:00</p>
                <p role="status" class="cup__said" x-ref="said">{{ __('measures.cup.begin') }}</p>
                <p class="with-gap"><button type="button" class="push push--main" x-ref="start" x-on:click="start"
                        hidden>{{ __('measures.cup.start') }}</button>
                    <button type="button" class="push push--main" x-ref="look" x-on:click="look"
                        hidden>{{ __('measures.cup.look') }}</button></p>
            </div>
        </div>
        <div class="cup__size">
            <x-form.field name="cup" :label="__('measures.cup.size', ['unit' => $unit])" type="number" step="any" min="0"
                inputmode="decimal"
                :value="$size" required x-ref="size" x-on:input="redraw"/>
            <div class="field"><label class="form-label" for="f-shape">{{ __('measures.cup.shape') }}</label>
                <select class="form-select" id="f-shape" name="shape" x-ref="shape" x-on:change="redraw">
                    @foreach ($shapes as $id => $name)<option value="{{ $id }}" @selected(old('shape', $shape) === $id)>{{ $name }}</option>
                    @endforeach
                </select></div>
        </div>
        <table class="cup__looks" x-ref="looks" x-on:input="judge">
            <thead><tr><th scope="col">{{ __('measures.cup.minute') }}</th><th scope="col">{{ __('measures.cup.in_it',
                ['unit' => $unit]) }}</th>
                </tr></thead>
            <tbody>
                @foreach (range(0, $looks - 1) as $i)
                    <tr>
                        <td><input class="form-control nums" type="number" step="any" min="0" name="minute[]" inputmode="decimal"
                            aria-label="{{ __('measures.cup.minute') }}, {{ $i + 1 }}"
                            value="{{ old("minute.$i", $i === 0 ? '0' : '') }}" @invalid("minute.$i")>
                            <x-form.field-error :name="'minute.'.$i" :label="__('measures.cup.minute').', '.($i + 1)"/></td>
                        <td><input class="form-control nums" type="number" step="any" min="0" name="level[]" inputmode="decimal"
                            aria-label="{{ __('measures.cup.in_it', ['unit' => $unit]) }}, {{ $i + 1 }}"
                            value="{{ old("level.$i", $i === 0 ? '0' : '') }}" @invalid("level.$i")>
                            <x-form.field-error :name="'level.'.$i"
                                :label="__('measures.cup.in_it', ['unit' => $unit]).', '.($i + 1)"/></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <label class="with-gap mt-3"><input type="checkbox" name="clean" value="1" @checked(old('clean', $justCleaned))>
            {{ __('measures.cup.clean') }}</label>
        <p class="muted small">{{ $baseline ? __('measures.cup.baseline', ['rate' => $baseline]) : __('measures.cup.no_baseline') }}</p>
        <p class="mb-0"><button class="push push--main">{{ __('measures.keep') }}</button></p>
    </form>
    @if ($earlier)
        <section class="tile mt-3">
            <h2>{{ __('measures.cup.earlier') }}</h2>
            <ol class="strip-cups">
                @foreach ($earlier as $cup)
                    <li><svg viewBox="0 0 30 40" aria-hidden="true"><path class="in-water"
                        d="M5 {{ 38 - 34 * $cup->share }} H25 V38 H5Z"/><path class="ink-line" d="M4 4 V38 H26 V4"/></svg>
                        <span><strong class="nums">{{ $cup->rate }}</strong> {{ __('measures.cup.a_minute') }}<br><span
                            class="muted small">{{ $cup->day }}{{ $cup->clean ? ',
                                '.__('measures.cup.all_clean') : '' }}@if ($cup->verdict)<br>
                                {{ $cup->verdict }}@endif</span></span></li>
                @endforeach
            </ol>
        </section>
    @endif
</x-layout>
