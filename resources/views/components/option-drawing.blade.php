@props(['name'])
{{-- Small pictures beside the answers to "what sits in the floor?". --}}
<svg viewBox="0 0 92 76" aria-hidden="true" focusable="false">
    @switch($name)
        @case('filter-twist-out')
            <ellipse class="ink-line" cx="46" cy="22" rx="30" ry="11"/>
            <path class="ink-line" d="M28 28 V58 Q28 66 46 66 Q64 66 64 58 V28"/>
            <path class="rim-line w-thin" d="M34 32 V63 M40 33 V65 M46 33 V66 M52 33 V65 M58 32 V63 M28 42 Q46 50 64 42 M28 52 Q46 60 64 52"/>
            <path class="copper-line" d="M32 25 A17 6 0 0 1 58 17 M32 25 l0.5 -8 M32 25 l8 0.5"/>
            @break
        @case('filter-flat-plate')
            <path class="ink-line" d="M10 26 L30 12 H82 L62 26Z"/>
            <path class="rim-line w-thin" d="M24 22 h44 M30 17 h44"/>
            <path class="ink-line" d="M10 50 L30 36 H82 L62 50Z"/>
            <path class="rim-line w-thin" d="M17 45 h52 M23 41 h52 M24 50 L44 36 M36 50 L56 36 M48 50 L68 36"/>
            <path class="copper-line" d="M46 60 v10 M46 60 l-5 5 M46 60 l5 5"/>
            @break
        @case('filter-screwed')
            <ellipse class="ink-line" cx="46" cy="34" rx="34" ry="17"/>
            <path class="ink-line" d="M12 34 V46 Q12 62 46 62 Q80 62 80 46 V34"/>
            @foreach ([[24, 28], [46, 22], [68, 28], [24, 41], [46, 46], [68, 41]] as [$x, $y])
                <circle class="rim-line w-light" cx="{{ $x }}" cy="{{ $y }}" r="3.6"/><path class="rim-line w-thin" d="M{{ $x - 2 }} {{ $y }} h4"/>
            @endforeach
            <path class="copper-line" d="M46 4 V14 M42 4 h8"/>
            @break
        @case('form-layers')
            <rect class="ink-line" x="8" y="12" width="76" height="52" rx="5"/>
            <path class="rim-line w-thin" d="M14 20 L78 56 M14 32 L60 60 M14 44 L40 60 M28 16 L78 44 M46 16 L78 34 M64 16 L78 24 M78 20 L14 56 M78 32 L32 60 M78 44 L52 60 M64 16 L14 44 M46 16 L14 34 M28 16 L14 24"/>
            @break
        @case('form-baffle')
            <rect class="ink-line" x="8" y="12" width="76" height="52" rx="5"/>
            @foreach (range(0, 4) as $i)<path class="rim-line" d="M{{ 18 + $i * 13 }} 20 V56 q4 4 8 0 V20"/>@endforeach
            @break
        @case('filter-sealed')
            <path class="ink-line" d="M16 54 Q16 26 46 26 Q76 26 76 54 Z"/>
            <path class="ink-line" d="M8 54 H84"/>
            @foreach ([[28, 46], [46, 36], [64, 46]] as [$x, $y])
                <circle class="rim-line" cx="{{ $x }}" cy="{{ $y }}" r="4.5"/><path class="rim-line w-light" d="M{{ $x - 2.5 }} {{ $y }} h5 M{{ $x }} {{ $y - 2.5 }} v5"/>
            @endforeach
            @break
        @case('filter-none')
            <path class="ink-line" d="M8 24 H30 Q34 24 34 30 V56 Q34 62 40 62 H52 Q58 62 58 56 V30 Q58 24 62 24 H84"/>
            <path class="rim-line" d="M38 48 L54 56 M54 48 L38 56"/>
            <circle class="rim-line" cx="46" cy="52" r="2"/>
            @break
    @endswitch
</svg>
