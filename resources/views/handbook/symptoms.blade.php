<x-layout title="Symptoms" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>What do you notice?</h1>
            <x-page.handbook-tabs on="handbook.symptoms"/>
        </div>
        <x-page.scope-switch to="handbook.symptoms" :all="$all"/>
        @foreach ($groups as $group)
            <section class="tile" id="{{ $group['id'] }}">
                <h2>{{ $group['name'] }}</h2>
                <p class="muted small">Under each, what most often is behind it, the likeliest first, and what helps.</p>
                <div class="symptoms">
                    @foreach ($group['symptoms'] as $symptom)
                        <section>
                            <h3>{{ $symptom['name'] }}</h3>
                            @if ($symptom['now'])<p class="hazard mb-1">{{ $symptom['now'] }}</p>@endif
                            @if ($last = $fixed[$group['id']][$symptom['id']] ?? null)<p class="mb-1">
                                <strong>Here:</strong>
                                <a href="{{ route('traces.show', $last['trace']) }}">{{ mb_strtolower($last['action']) }}</a>,
                                {{ $last['times'] === 1 ? 'the last time' : $last['times'].' times running' }}; {{ $last['days'] < 1
                                ? 'just now' : 'it held '.App\View\Words\Uses::counted($last['days'], 'days') }}.</p>@endif
                            <ol>
                                @foreach ($symptom['causes'] as $cause)
                                    <li>{{ $cause['name'] }}@if ($cause['action']):
                                        <span class="muted">@if ($cause['action']->procedure)<a
                                        href="{{ route('handbook.procedure',
                                            array_filter([$group['kind'], $cause['action']->procedure, 'machine'
                                            => $group['machine']])) }}">{{ mb_strtolower($cause['action']->name) }}</a>
                                    @else{{ mb_strtolower($cause['action']->name) }}@endif</span>@endif</li>
                                @endforeach
                            </ol>
                        </section>
                    @endforeach
                </div>
                <details class="mt-3"><summary>Where this order comes from</summary><p class="muted">{{ $group['basis'] }}</p></details>
            </section>
        @endforeach
    </div>
</x-layout>
