@props(['parts', 'ids' => []])
@if (! $parts)
    <p class="muted small mb-0">Nothing yet. What you take off lands here, and goes back the other way round.</p>
@else
    @php($height = 34 + 52 * count($parts))
    <svg class="tray" viewBox="0 0 220 {{ $height }}" role="img" aria-label="In the tray: {{ implode(', ', $parts) }}. Goes back: {{ implode(', then ', array_reverse($parts)) }}.">
        <path class="rim-line w-stout" d="M8 8 V{{ $height - 20 }} Q8 {{ $height - 6 }} 22 {{ $height - 6 }} H198 Q212 {{ $height - 6 }} 212 {{ $height - 20 }} V8"/>
        @foreach ($parts as $i => $name)
            @php($y = $height - 62 - 52 * $i)
            <g transform="translate(22 {{ $y }})">
                @if (str_contains($ids[$i] ?? '', 'rack'))
                    <path class="ink-line w-light" d="M2 6 L8 36 H42 L48 6Z M16 8 V36 M25 8 V36 M34 8 V36"/>
                @else
                    <path class="ink-line w-light" d="M6 10 H44 M10 10 V32 Q10 38 16 38 H34 Q40 38 40 32 V10 M18 12 V37 M25 12 V37 M32 12 V37 M10 24 H40 M20 10 V5 H30 V10"/>
                @endif
                <text x="62" y="28">{{ $i + 1 }} {{ $name }}</text>
            </g>
        @endforeach
    </svg>
    <p class="muted small mb-0">Goes back: {{ implode(', then ', array_map('mb_strtolower', array_reverse($parts))) }}.</p>
@endif
