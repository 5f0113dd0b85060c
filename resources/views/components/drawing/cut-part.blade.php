@props(['line', 'x', 'y', 'to', 'end' => false])
{{-- A drawn part with its name at (x, y) and a level line from there to the part; a link to its panel where it is on a clock. --}}
@if ($line)
    <a class="part" href="?task={{ $line->care->task()->id }}#task" aria-label="{{ $line->care->name() }}: {{ $line->when() }}">
        {{ $slot }}
        <path @class([$line->isDue() ? 'copper-line' : 'ink-line w-thin leader'])
            d="M{{ $end ? $x + 8 : $x - 8 }} {{ $y - 5 }} H{{ $to }}"/>
        <text class="now" x="{{ $x }}" y="{{ $y }}" @if ($end) text-anchor="end" @endif>{{ $line->care->name() }}</text>
        <text x="{{ $x }}" y="{{ $y + 20 }}" @if ($end) text-anchor="end" @endif>{{ $line->when() }}</text>
    </a>
@else
    {{ $slot }}
@endif
