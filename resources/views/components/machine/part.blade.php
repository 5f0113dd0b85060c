@props(['part', 'by', 'pieces' => 0, 'back' => false])
{{-- A part on its axis, with the move that frees it, or with `back` the move home, and what small pieces come along. --}}
<svg class="part" viewBox="0 0 200 132" aria-hidden="true" focusable="false">
    <g class="part__what" transform="translate(47 22) scale(2.4)"><x-drawing.tray-sign :part="$part"/></g>
    @switch($by)
        @case('quarter-turn')
        @case('turn')
            <path class="copper-line" d="{{ $back ? 'M66 22 A38 13 0 0 1 138 24 M138 24 l-2 -11 M138 24 l-11 1'
                : 'M138 22 A38 13 0 0 0 66 24 M66 24 l2 -11 M66 24 l11 1' }}"/>
            @break
        @case('nut')
        @case('ring')
            <path class="ink-line w-light" d="M88 10 L100 4 L112 10 V20 L100 26 L88 20Z"/><circle
                class="ink-line w-thin" cx="100" cy="15" r="4"/>
            <path class="copper-line" d="{{ $back ? 'M74 10 A28 16 0 0 0 78 26 M78 26 l-9 -3 M78 26 l3 -9'
                : 'M78 26 A28 16 0 0 1 74 8 M74 8 l-6 8 M74 8 l8 5' }}"/>
            @break
        @case('screws')
        @case('bolt')
            @foreach ([72, 100, 128] as $x)<circle class="ink-line w-light" cx="{{ $x }}" cy="12" r="6"/><path class="ink-line w-thin"
                d="M{{ $x - 3 }} 12 h6 M{{ $x }} 9 v6"/>@endforeach
            <path class="copper-line" d="{{ $back ? 'M160 14 V50 M152 42 l8 8 l8 -8' : 'M160 50 V14 M152 22 l8 -8 l8 8' }}"/>
            @break
        @case('clips')
        @case('tabs')
        @case('plugs')
            <path class="copper-line" d="{{ $back ? 'M36 70 H12 M20 62 l-8 8 l8 8 M164 70 H188 M180 62 l8 8 l-8 8'
                : 'M12 70 H36 M28 62 l8 8 l-8 8 M188 70 H164 M172 62 l-8 8 l8 8' }}"/>
            @break
        @case('swing')
        @case('catch')
            <path class="copper-line" d="{{ $back ? 'M176 100 A80 70 0 0 0 164 40 M164 40 l-2 11 M164 40 l10 5'
                : 'M164 36 A80 70 0 0 1 176 98 M176 98 l-9 -7 M176 98 l6 -10' }}"/>
            @break
        @default
            <path class="copper-line" d="{{ $back ? 'M170 34 V78 M161 68 l9 10 l9 -10' : 'M170 78 V34 M161 44 l9 -10 l9 10' }}"/>
    @endswitch
    @for ($i = 0; $i < min(8, $pieces); $i++)<circle class="ink-line w-light" cx="{{ 100 - (min(8, $pieces) - 1) * 9 + $i * 18 }}"
        cy="124" r="5"/><path class="ink-line w-thin" d="M{{ 97 - (min(8, $pieces) - 1) * 9 + $i * 18 }} 124 h6"/>@endfor
</svg>
