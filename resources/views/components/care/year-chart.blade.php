@props(['chart', 'name', 'scale', 'unit'])
@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<div class="year-scroll">
<svg class="year-chart" viewBox="0 0 {{ App\View\Drawing\YearChart::WIDTH }} 104" role="group" aria-label="{{ $chart->inWords($name) }}">
    @foreach ($chart->months as [$x, $month])
        <path class="ink-line w-thin" opacity="0.16" d="M{{ $x }} 4 V88"/>
        @if ($x < 1050)<text class="faint" x="{{ $x + 4 }}" y="102" aria-hidden="true">{{ $month }}</text>@endif
    @endforeach
    @if ($chart->window)
        <rect class="in-soft" x="{{ $chart->window[0] }}" y="64" width="{{ max(6, $chart->window[2] - $chart->window[0]) }}" height="22"
            rx="8"/>
        @if (is_finite($chart->window[1]))<rect class="in-rim" x="{{ $chart->window[1] - 2 }}" y="60" width="4.5" height="30" rx="2"/>@endif
    @endif
    @if ($chart->line)
        <path class="rim-line" d="{{ $chart->line }}"/>
        @foreach ($chart->levels as [$x, $y, $interval])<text class="level" x="{{ $loop->first ? 0 : $x - 8 }}" y="{{ $y + 18 }}"
            text-anchor="{{ $loop->first ? 'start' : 'end' }}" aria-hidden="true">{{ Uses::interval($interval, $unit) }}</text>@endforeach
    @endif
    <path class="copper-line" d="M{{ $chart->today }} 4 V90"/>
    @foreach ($chart->marks as [$x, $opening, $roomy])
        @if (! $roomy)
            <circle class="in-ink" cx="{{ $x }}" cy="75" r="3"/>
        @else
            <a href="/logbook?entry={{ $opening->entry }}"
                aria-label="{{ Dates::day($opening->day) }}: {{ $chart->found($opening, $scale) }}{{ $chart->left($opening, $scale) }}">
                <title>{{ Dates::day($opening->day) }}: {{ $chart->found($opening, $scale) }}</title>
                <rect x="{{ $x - 13 }}" y="62" width="26" height="26" fill="transparent"/>
                @if ($opening->symptom)
                    <path class="ink-line w-light year-mark"
                        d="M{{ $x }} 65 L{{ $x + 10 }} 75 L{{ $x }} 85 L{{ $x - 10 }} 75Z M{{ $x }} 71 v5 M{{ $x }} 79.6 v.4"/>
                @elseif ($opening->found === null)
                    <circle class="year-mark ink-line w-light" cx="{{ $x }}" cy="75" r="9"/>
                        <path class="ink-line w-light" d="M{{ $x - 4 }} 75.5 l3 3.5 l5.5 -7.5"/>
                @else
                    <use href="#grade-{{ $scale->nearest($opening->found)->id }}" x="{{ $x - 12 }}" y="63" width="24" height="24"/>
                @endif
            </a>
        @endif
    @endforeach
    @if ($chart->beyond)<text x="1074" y="80" text-anchor="end">{{ Dates::short($chart->beyond) }} →</text>@endif
</svg>
</div>
