<x-layout :title="__('today.plan.title')" place="today">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <h1>{{ $head }}</h1>
    @if ($sentences)<p class="lead-line">{{ implode(' ', $sentences) }}</p>@endif
    @foreach ($conflicts as $conflict)<p class="remedy" role="alert">{{ $conflict }}</p>@endforeach
    @if ($lanes)
        <section class="tile mb-3 plan__lanes" tabindex="0" role="region" aria-label="{{ __('today.plan.drawing') }}">
            <svg class="lanes" viewBox="0 0 {{ $lanes->width() }} {{ $lanes->height() }}" role="img" aria-label="{{ $head }}">
                @foreach ($lanes->ticks as [$minutes, $time])
                    <path class="lanes__tick" d="M{{ $lanes->x($minutes) }} 22 V{{ $lanes->height() - 6 }}"/>
                    <text class="lanes__text" x="{{ $lanes->x($minutes) }}" y="15" text-anchor="middle">{{ $time }}</text>
                @endforeach
                @foreach ($lanes->lanes as $lane => $name)
                    <path class="lanes__line" d="M0 {{ $lanes->y($lane) + 46 }} H900"/>
                    <text class="lanes__name" x="4" y="{{ $lanes->y($lane) + 28 }}">{{ Str::limit($name, 15) }}</text>
                @endforeach
                @foreach ($lanes->pieces() as $piece)
                    <rect @class(['lanes__piece', 'lanes__piece--wait' => $piece['line']->number === null]) x="{{ $piece['x'] }}"
                        y="{{ $piece['y'] }}" width="{{ $piece['width'] }}" height="36" rx="6"/>
                    @if ($piece['line']->number && $piece['width'] > 14)<text class="lanes__number"
                        x="{{ $piece['x'] + $piece['width'] / 2 }}" y="{{ $piece['y'] + 23 }}"
                        text-anchor="middle">{{ $piece['line']->number }}</text>@endif
                @endforeach
            </svg>
        </section>
    @endif
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('today.plan.order') }}</h2>
            @if ($lines)
                <ol class="running-order">
                    @foreach ($lines as $line)
                        @if ($line->free)<li class="running-order__free">{{ $line->free }}</li>@endif
                        <li @class(['running-order__wait' => $line->number === null])>
                            <span class="running-order__number" aria-hidden="true">{{ $line->number }}</span>
                            <span class="nums">{{ $line->from }}</span>
                            <span><strong>{{ $line->machine }}</strong>
                                {{ $line->number ? $line->what
                                    : __('today.plan.wait', ['what' => $line->what, 'until' => $line->until]) }}</span>
                        </li>
                    @endforeach
                </ol>
                <p class="muted small">{{ __('today.plan.how') }}</p>
                <div class="stack">@foreach ($starts as [$machine, $procedures])
                    <x-care.start-together :machine="$machine" :procedures="$procedures" :main="$loop->first">
                        {{ __('today.plan.start', ['machine' => $machine->name]) }}</x-care.start-together>
                @endforeach</div>
            @else
                <p class="mb-0">{{ __('today.plan.pick') }}</p>
            @endif
        </section>
        <form class="tile" method="get" action="{{ route('plan') }}">
            <h2>{{ __('today.plan.jobs') }}</h2>
            @foreach ($choices as $machine => $jobs)
                <fieldset class="mb-2">
                    <legend class="h3">{{ $machine }}</legend>
                    @foreach ($jobs as $job)
                        <label class="check-row"><input type="checkbox" name="jobs[]" value="{{ $job->value }}" @checked($job->isPicked)>
                            <span>{{ $job->name }} <span class="muted small">{{ $job->note() }}</span></span></label>
                    @endforeach
                </fieldset>
            @endforeach
            <div class="plan__times">
                <x-form.field name="at" :label="__('today.plan.begin')" type="time" :value="$at"/>
                <x-form.field name="ready" :label="__('today.plan.ready')" type="time" :value="$ready"/>
            </div>
            <p class="mt-3 mb-0"><button class="push">{{ __('today.plan.go') }}</button></p>
        </form>
    </div>
</x-layout>
