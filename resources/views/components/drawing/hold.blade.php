@props(['by'])
{{-- How a part is held: a small drawing of the move that frees it. --}}
<svg class="hold" viewBox="0 0 120 90" aria-hidden="true" focusable="false">
    @switch($by)
        @case('quarter-turn')
            <ellipse class="ink-line" cx="60" cy="52" rx="40" ry="18"/><ellipse class="rim-line w-light" cx="60" cy="52" rx="18" ry="8"/>
                <path class="rim-line w-light" d="M46 48 l28 8"/>
            <path class="copper-line" d="M18 40 A44 20 0 0 1 60 24 M18 40 l0 -12 M18 40 l11 -2"/>
            @break
        @case('screws')
        @case('bolt')
            <rect class="ink-line" x="12" y="36" width="96" height="34" rx="8"/>
            @foreach ([28, 60, 92] as $x)<circle class="rim-line w-light" cx="{{ $x }}" cy="53" r="9"/>
                <path class="rim-line w-light" d="M{{ $x - 5 }} 53 h10 M{{ $x }} 48 v10"/>@endforeach
            <path class="copper-line" d="M60 8 V34 M52 26 l8 8 l8 -8"/>
            @break
        @case('nut')
        @case('ring')
            <path class="ink-line" d="M40 34 L60 24 L80 34 V58 L60 68 L40 58Z"/><circle class="rim-line w-light" cx="60" cy="46" r="11"/>
            <path class="copper-line" d="M24 58 A40 32 0 0 1 30 22 M24 58 l-8 -9 M24 58 l10 -6"/>
            @break
        @case('clips')
        @case('tabs')
        @case('plugs')
            <path class="ink-line" d="M20 72 V36 Q20 28 28 28 H92 Q100 28 100 36 V72"/>
                <path class="rim-line" d="M20 48 h-8 v14 h8 M100 48 h8 v14 h-8"/>
            <path class="copper-line" d="M34 55 H22 M28 49 l-6 6 l6 6 M86 55 H98 M92 49 l6 6 l-6 6"/>
            @break
        @case('swing')
        @case('catch')
            <path class="ink-line" d="M18 26 H102 M24 26 V34"/><path class="rim-line" d="M24 34 L92 68 L100 54 L34 26"/>
            <path class="copper-line" d="M108 38 A70 60 0 0 1 92 76 M92 76 l2 -12 M92 76 l11 -4"/>
            @break
        @default
            <path class="ink-line" d="M16 62 H104 M30 62 V76 H90 V62"/><rect class="rim-line" x="34" y="44" width="52" height="14" rx="7"/>
            <path class="copper-line" d="M60 40 V12 M52 20 l8 -8 l8 8"/>
    @endswitch
</svg>
