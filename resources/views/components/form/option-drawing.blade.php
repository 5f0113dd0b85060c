@props(['name'])
{{-- Small pictures beside answers about a machine, its use and its water. --}}
<svg viewBox="0 0 92 76" aria-hidden="true" focusable="false">
    @switch($name)
        @case('filter-twist-out')
            <ellipse class="ink-line" cx="46" cy="22" rx="30" ry="11"/>
            <path class="ink-line" d="M28 28 V58 Q28 66 46 66 Q64 66 64 58 V28"/>
            <path class="rim-line w-thin" d="M34 32 V63 M40 33 V65 M46 33 V66 M52 33 V65 M58 32 V63 M28 42 Q46 50 64 42 M28 52 Q46 60 64
                52"/>
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
                <circle class="rim-line w-light" cx="{{ $x }}" cy="{{ $y }}" r="3.6"/>
                    <path class="rim-line w-thin" d="M{{ $x - 2 }} {{ $y }} h4"/>
            @endforeach
            <path class="copper-line" d="M46 4 V14 M42 4 h8"/>
            @break
        @case('form-layers')
            <rect class="ink-line" x="8" y="12" width="76" height="52" rx="5"/>
            <path class="rim-line w-thin" d="M14 20 L78 56 M14 32 L60 60 M14 44 L40 60 M28 16 L78 44 M46 16 L78 34 M64 16 L78 24 M78 20 L14
                56 M78 32 L32 60 M78 44 L52 60 M64 16 L14 44 M46 16 L14 34 M28 16 L14 24"/>
            @break
        @case('form-baffle')
            <rect class="ink-line" x="8" y="12" width="76" height="52" rx="5"/>
            @foreach (range(0, 4) as $i)<path class="rim-line" d="M{{ 18 + $i * 13 }} 20 V56 q4 4 8 0 V20"/>@endforeach
            @break
        @case('filter-sealed')
            <path class="ink-line" d="M16 54 Q16 26 46 26 Q76 26 76 54 Z"/>
            <path class="ink-line" d="M8 54 H84"/>
            @foreach ([[28, 46], [46, 36], [64, 46]] as [$x, $y])
                <circle class="rim-line" cx="{{ $x }}" cy="{{ $y }}" r="4.5"/>
                    <path class="rim-line w-light" d="M{{ $x - 2.5 }} {{ $y }} h5 M{{ $x }} {{ $y - 2.5 }} v5"/>
            @endforeach
            @break
        @case('filter-none')
            <path class="ink-line" d="M8 24 H30 Q34 24 34 30 V56 Q34 62 40 62 H52 Q58 62 58 56 V30 Q58 24 62 24 H84"/>
            <path class="rim-line" d="M38 48 L54 56 M54 48 L38 56"/>
            <circle class="rim-line" cx="46" cy="52" r="2"/>
            @break
        @case('unknown')
            <path class="ink-line" stroke-dasharray="6 5" d="M24 10 L31 66 H61 L68 10"/>
            <path class="ink-line" d="M38 28 Q38 18 46 18 Q55 18 55 27 Q55 33 49 36 Q46 38 46 44 M46 52 v1.5"/>
            @break
        @case('tub-stainless')
            <path class="ink-line" d="M12 10 H80 V66 H12Z"/>
            <path class="rim-line w-light" d="M22 20 L34 56 M30 18 L44 60 M58 18 L70 54"/>
            <path class="copper-line" d="M70 20 l6 -6 M74 28 h7 M62 16 v-8"/>
            @break
        @case('tub-plastic')
            <rect class="ink-line" x="12" y="10" width="68" height="56" rx="14"/>
            <path class="rim-line w-thin" d="M22 26 H70 M22 38 H70 M22 50 H70"/>
            @break
        @case('plates-scrape')
            <ellipse class="ink-line" cx="42" cy="22" rx="30" ry="11" transform="rotate(24 42 22)"/>
            <path class="rim-line" d="M66 6 L52 20"/>
            <circle class="in-silt-3" cx="66" cy="42" r="3"/><circle class="in-silt-3" cx="60" cy="48" r="2.4"/>
                <circle class="in-silt-3" cx="70" cy="50" r="2"/>
            <path class="ink-line" d="M50 56 H84 L80 72 H54Z"/>
            @break
        @case('plates-rinse')
            <path class="ink-line" d="M20 6 H46 Q56 6 56 16"/>
            <path class="rim-line w-light" d="M50 22 V38 M56 22 V40 M62 22 V38"/>
            <ellipse class="ink-line" cx="52" cy="54" rx="32" ry="12"/><ellipse class="rim-line w-thin" cx="52" cy="54" rx="19" ry="6"/>
            @break
        @case('plates-neither')
            <ellipse class="ink-line" cx="46" cy="34" rx="36" ry="14"/><ellipse class="rim-line w-thin" cx="46" cy="34" rx="22" ry="7"/>
            <circle class="in-silt-3" cx="38" cy="32" r="4"/><circle class="in-silt-3" cx="48" cy="36" r="3"/>
                <circle class="in-silt-3" cx="55" cy="31" r="2.6"/>
            <path class="ink-line" d="M14 66 H78 M24 66 V54 M36 66 V56 M48 66 V56 M60 66 V56 M70 66 V54"/>
            @break
        @case('programme-manual')
            <path class="ink-line" d="M26 8 H70 V20 H26Z M26 20 V68 H74 M36 66 V38 H62 V66"/>
            <rect class="rim-line" x="40" y="48" width="18" height="10" rx="5"/><circle class="in-rim" cx="45" cy="53" r="3"/>
            @break
        @case('programme-programmed')
            <path class="ink-line" d="M26 8 H70 V20 H26Z M26 20 V68 H74 M36 66 V38 H62 V66"/>
            <circle class="copper-line" cx="49" cy="53" r="4"/><path class="copper-line" d="M49 43 v-3 M57 46 l2 -2 M41 46 l-2 -2"/>
            @break
        @case('light-no-light')
            <rect class="ink-line" x="14" y="14" width="64" height="48" rx="8"/><circle class="ink-line" cx="46" cy="38" r="11"/>
            @break
        @case('light-light')
            <rect class="ink-line" x="14" y="14" width="64" height="48" rx="8"/>
                <path class="ink-line" d="M46 26 Q56 38 46 46 Q36 38 46 26Z"/>
            <path class="copper-line" d="M28 38 h-6 M64 38 h6 M34 26 l-4 -4 M58 26 l4 -4"/>
            @break
        @case('metal-aluminium')
            <rect class="ink-line" x="10" y="16" width="56" height="46" rx="5"/>
                <path class="rim-line w-thin" d="M16 24 L60 54 M16 40 L44 58 M30 20 L60 40 M60 24 L16 54 M60 40 L32 58 M46 20 L16 40"/>
            <path class="ink-line" d="M74 12 V24 Q74 30 80 30 Q86 30 86 24 V12"/><path class="copper-line" d="M72 42 L88 34"/>
            @break
        @case('metal-steel')
            <rect class="ink-line" x="10" y="16" width="56" height="46" rx="5"/>
                <path class="rim-line w-thin" d="M16 24 L60 54 M16 40 L44 58 M30 20 L60 40 M60 24 L16 54 M60 40 L32 58 M46 20 L16 40"/>
            <path class="ink-line" d="M66 26 H76 Q84 26 84 36 Q84 46 76 46 H66"/><path class="copper-line" d="M70 22 v8 M70 42 v8"/>
            @break
        @case('air-outside')
            <path class="ink-line" d="M16 66 H76 L60 44 H32Z M38 44 V24 H64 M54 44 V36 H64"/>
            <path class="ink-line" d="M70 10 V54"/><path class="copper-line" d="M60 30 H86 M80 24 l6 6 l-6 6"/>
            @break
        @case('air-back')
            <path class="ink-line" d="M16 66 H76 L60 44 H32Z M38 44 V14 H54 V44"/>
            <path class="rim-line w-thin" d="M38 22 H54 M38 28 H54"/>
                <path class="copper-line" d="M60 20 H74 Q80 20 80 28 V40 M74 34 l6 6 l6 -6"/>
            @break
        @case('frying-seldom')
            <path class="ink-line" d="M18 34 V56 Q18 64 26 64 H62 Q70 64 70 56 V34Z M10 40 H18 M70 40 H78 M16 32 H72 M40 26 h8"/>
            <path class="rim-line w-light" d="M36 18 q4 -5 0 -10 M50 18 q4 -5 0 -10"/>
            @break
        @case('frying-weekly')
            <path class="ink-line" d="M10 46 H62 Q62 60 50 60 H22 Q10 60 10 46Z M62 48 L86 42"/>
            <circle class="in-silt-3" cx="28" cy="34" r="3"/><circle class="in-silt-3" cx="42" cy="28" r="2.4"/>
            @break
        @case('frying-often')
            <path class="ink-line" d="M10 46 H62 Q62 60 50 60 H22 Q10 60 10 46Z M62 48 L86 42"/>
            @foreach ([[18, 36, 3], [28, 26, 2.6], [36, 38, 3], [44, 24, 3], [52, 34, 2.6], [24, 14, 2.2], [38, 12, 2.6],
                [56, 18, 2.2]] as [$x, $y, $r])<circle class="in-silt-3" cx="{{ $x }}" cy="{{ $y }}" r="{{ $r }}"/>@endforeach
            @break
        @case('water-soft')
            <x-drawing.kettle :crust="0"/>
            @break
        @case('water-medium')
            <x-drawing.kettle :crust="3"/>
            @break
        @case('water-hard')
            <x-drawing.kettle :crust="8"/>
            @break
        @case('water-very-hard')
            <x-drawing.kettle :crust="15"/>
            @break
        @default
            @includeIf("components.drawing.kinds.$name")
    @endswitch
</svg>
