<x-layout :title="__('measures.lime.title', ['machine' => $machine->name])" place="kitchen">
    <x-measure.way :machine="$machine"/>
    <h1>{{ $head }}</h1>
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('measures.lime.gauge_head') }}</h2>
            <svg class="gauge" viewBox="0 0 620 84" role="img" aria-label="{{ $gauge->words }}">
                <g transform="translate(10 0)">
                    <rect class="in-soft" x="{{ $gauge->at($gauge->usual[0]) }}" y="24" height="22"
                        width="{{ $gauge->at($gauge->usual[1]) - $gauge->at($gauge->usual[0]) }}" rx="6"/>
                    <path class="ink-line w-thin" d="M0 46 H600"/>
                    <rect class="in-silt-2" x="0" y="28" height="14" width="{{ $gauge->at($gauge->litres) }}" rx="4"/>
                    <path class="copper-line" d="M{{ $gauge->at($gauge->limit) }} 16 V52"/>
                    <text class="gauge__text" x="{{ $gauge->at($gauge->limit) }}" y="12"
                        text-anchor="middle">{{ __('measures.lime.limit') }}</text>
                    <text class="gauge__text" x="{{ ($gauge->at($gauge->usual[0]) + $gauge->at($gauge->usual[1])) / 2 }}" y="70"
                        text-anchor="middle">{{ __('measures.lime.usual') }}</text>
                </g>
            </svg>
            <p>{{ $gauge->words }}</p>
            <dl class="facts">@foreach ($sums as [$what, $sum])<dt>{{ $what }}</dt><dd>{{ $sum }}</dd>@endforeach</dl>
            @foreach ($share as $sentence)<p class="mb-2">{{ $sentence }}</p>@endforeach
            <p class="mb-0"><a class="push push--quiet" href="{{ route('water') }}">{{ __('measures.lime.set_water') }}</a></p>
        </section>
        <div class="stack">
            <section class="tile">
                <h2>{{ __('measures.lime.time.head') }}</h2>
                @foreach ($time as $sentence)<p>{{ $sentence }}</p>@endforeach
                <form method="post" action="{{ route('measures.lime', $machine) }}" x-data="stopwatch">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <p class="clock nums" x-ref="clock" hidden>0:00</p>
                    <p><button type="button" class="push push--wide" x-ref="go" x-on:click="go" hidden
                        data-stop="{{ __('measures.lime.time.stop') }}"
                        data-start="{{ __('measures.lime.time.start', ['use' => $use]) }}">{{ __('measures.lime.time.start',
                            ['use' => $use]) }}
                        </button></p>
                    <div class="row g-3">
                        <div class="col-6"><x-form.field name="minutes" :label="__('measures.lime.time.minutes')" type="number" min="0"
                            :max="$mostMinutes" step="any" inputmode="decimal" x-ref="minutes"/></div>
                        <div class="col-6"><x-form.field name="seconds" :label="__('measures.lime.time.seconds')" type="number" min="0"
                            max="59" step="any" inputmode="numeric" x-ref="seconds"/></div>
                    </div>
                    <p class="mt-3 mb-0"><button class="push push--main">{{ __('measures.keep') }}</button></p>
                </form>
                @if ($times)
                    <details class="mt-3"><summary>{{ __('measures.lime.time.before') }}</summary>
                        <dl class="facts">@foreach ($times as [$day, $minutes])<dt>{{ $day }}</dt><dd class="nums">{{ $minutes }}</dd>
                            @endforeach</dl></details>
                @endif
            </section>
            <section class="tile">
                <h2>{{ __('measures.lime.acid.head') }}</h2>
                <form method="get" action="{{ route('measures.lime', $machine) }}" class="row g-3 align-items-end">
                    <div class="col-12 col-sm-6 field"><label class="form-label" for="f-agent">{{ __('measures.lime.acid.which') }}</label>
                        <select class="form-select" id="f-agent" name="agent">@foreach ($acids as $each)<option value="{{ $each->id }}"
                            @selected($each->id === $agent)>{{ Str::ucfirst($each->name) }}</option>@endforeach</select></div>
                    <div class="col-6 col-sm-3"><x-form.field name="amount" :label="$amountUnit" type="number" min="0" step="any"
                        inputmode="decimal" :value="$amount"/></div>
                    <div class="col-6 col-sm-3"><button class="push">{{ __('measures.lime.acid.try') }}</button></div>
                </form>
                @if ($cannot)<p class="remedy mt-3">{{ $cannot }}</p>@endif
                @if ($acid)<ul class="mt-3 mb-0">@foreach ($acid as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>@endif
            </section>
        </div>
    </div>
</x-layout>
