@props(['line', 'from'])
<svg class="trend__chart" viewBox="0 0 {{ $line->chart::WIDTH }} {{ $line->chart::HEIGHT }}" role="img"
    aria-label="{{ __('measures.trend.chart', ['name' => $line->name, 'from' => $from, 'newest' => $line->newest]) }} {{ $line->said }}">
    @if ($usual = $line->chart->usual())<rect class="trend__usual" x="{{ $usual[0] }}" y="{{ $usual[1] }}" width="{{ $usual[2] }}"
        height="{{ $usual[3] }}"/>@endif
    <path class="trend__axis" d="M44 {{ $line->chart->y(0) }} H332"/>
    <text class="trend__text" x="40" y="{{ $line->chart->y($line->chart->top()) + 8 }}" text-anchor="end">{{ $line->top }}</text>
    <text class="trend__text" x="40" y="{{ $line->chart->y(0) }}" text-anchor="end">0</text>
    @foreach ($line->chart->years() as [$x, $year])
        <path class="trend__axis" d="M{{ $x }} {{ $line->chart->y(0) - 4 }} v8"/>
        <text class="trend__text" x="{{ $x }}" y="118" text-anchor="middle">{{ $year }}</text>
    @endforeach
    @foreach ($line->chart->rounds() as $x)<path class="trend__round" d="M{{ $x }} {{ $line->chart->y(0) }} v5"/>@endforeach
    @foreach ($line->chart->fixes() as $x)<path class="trend__fix"
        d="M{{ $x }} {{ $line->chart->y(0) - 5 }} l5 5 l-5 5 l-5 -5Z"/>@endforeach
    <path class="trend__line" d="{{ $line->chart->line() }}"/>
    @foreach ($line->chart->dots() as [$x, $y, $out])<circle @class(['trend__dot', 'trend__dot--out' => $out]) cx="{{ $x }}"
        cy="{{ $y }}" r="{{ $out ? 4.5 : 3 }}"/>@endforeach
</svg>
