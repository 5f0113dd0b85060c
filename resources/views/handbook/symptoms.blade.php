<x-layout title="Symptoms" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>What do you notice?</h1>
            <x-page.handbook-tabs on="handbook.symptoms"/>
        </div>
        <x-page.scope-switch to="handbook.symptoms" :all="$all"/>
        @if ($taught)
            <section class="tile" aria-labelledby="taught">
                <h2 id="taught">What your machines have taught</h2>
                <table class="plain">
                    <thead><tr><th scope="col">Noticed</th><th scope="col">What it was</th><th scope="col">What helped</th>
                        <th scope="col">Since then</th></tr></thead>
                    <tbody>@foreach ($taught as $line)<tr>
                        <td><a href="{{ route('traces.show', $line['trace']) }}">{{ $line['noticed'] }}</a><br><small
                            class="muted">{{ $line['machine'] }}</small></td>
                        <td>{{ $line['cause'] ?? 'not known' }}</td>
                        <td>{{ $line['fix'] ?? 'somebody was called' }}</td>
                        <td>{{ $line['days'] < 1 ? 'just now' : App\View\Words\Uses::counted($line['days'], 'days') }}</td></tr>@endforeach
                    </tbody>
                </table>
            </section>
        @endif
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
