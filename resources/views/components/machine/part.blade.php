@props(['part', 'by', 'pieces' => 0, 'back' => false])
{{-- A part with the hand and the move that frees it, or with `back` the move home, and what small pieces come along. --}}
<svg class="part" viewBox="0 0 240 176" aria-hidden="true" focusable="false">
    <g class="part__what" transform="translate(48 54) scale(2.4)"><x-drawing.tray-sign :part="$part"/></g>
    @switch($by)
        @case('quarter-turn')
        @case('turn')
            <g transform="translate(66 16)"><x-machine.hand pose="grip"/></g>
            <path class="copper-line" d="{{ $back ? 'M150 146 A52 15 0 0 1 52 146 M52 146 l11 0 M52 146 l4 10'
                : 'M52 146 A52 15 0 0 0 150 146 M150 146 l-11 0 M150 146 l-4 10' }}"/>
            @break
        @case('nut')
        @case('ring')
            <path class="ink-line w-light" d="M86 60 L93 52 H109 L116 60 L109 68 H93Z"/>
            <g transform="translate(72 6)"><x-machine.hand pose="grip"/></g>
            <path class="copper-line" d="{{ $back ? 'M122 78 A24 9 0 0 1 76 76 M76 76 l9 0 M76 76 l3 8'
                : 'M78 76 A24 9 0 0 0 124 76 M124 76 l-9 0 M124 76 l-3 8' }}"/>
            @break
        @case('screws')
            @foreach ([73, 101, 129] as $x)<circle class="ink-line w-light" cx="{{ $x }}" cy="60" r="6"/><path class="ink-line w-thin"
                d="M{{ $x - 3 }} 60 h6 M{{ $x }} 57 v6"/>@endforeach
            <path class="rim-line" d="M101 52 V34 M92 34 V10 Q92 4 98 4 H104 Q110 4 110 10 V34Z M98 10 V28 M104 10 V28"/>
            <path class="copper-line" d="{{ $back ? 'M122 40 A21 8 0 0 1 80 40 M80 40 l9 0 M80 40 l3 8'
                : 'M80 40 A21 8 0 0 0 122 40 M122 40 l-9 0 M122 40 l-3 8' }}"/>
            @break
        @case('bolt')
            <path class="ink-line w-light" d="M90 60 L96 50 H106 L112 60 L106 70 H96Z"/>
            <path class="rim-line" d="M122 50 L182 26 Q192 23 194 31 Q196 38 187 42 L128 66 Q120 76 108 75 L114 65 L110 54 L112 47 Q118 44
                122 50Z"/>
            <path class="copper-line" d="{{ $back ? 'M206 34 A96 96 0 0 1 200 66 M200 66 l-6 -9 M200 66 l9 -6'
                : 'M200 66 A96 96 0 0 0 206 30 M206 30 l-8 8 M206 30 l6 9' }}"/>
            @break
        @case('clips')
        @case('tabs')
        @case('plugs')
            <g transform="translate(138 78) scale(0.62)"><x-machine.hand pose="press"/></g>
            <g transform="translate(64 78) scale(-0.62 0.62)"><x-machine.hand pose="press"/></g>
            <path class="copper-line" d="{{ $back ? 'M40 66 H14 M22 58 l-8 8 l8 8 M162 66 H188 M180 58 l8 8 l-8 8'
                : 'M14 66 H40 M32 58 l8 8 l-8 8 M188 66 H162 M170 58 l-8 8 l8 8' }}"/>
            @break
        @case('swing')
        @case('catch')
            <g transform="translate(132 62) scale(0.7)"><x-machine.hand pose="press"/></g>
            <path class="copper-line" d="{{ $back ? 'M160 164 A86 70 0 0 0 206 122 M206 122 l-11 4 M206 122 l3 12'
                : 'M206 122 A86 70 0 0 1 160 164 M160 164 l11 -4 M160 164 l6 -10' }}"/>
            @break
        @default
            @if (preg_match('/rack|basket|reservoir|tray|drawer|carafe|grease/', $part))
                <g transform="translate(84 104)"><x-machine.hand pose="palm"/></g>
            @else
                <g transform="translate(66 16)"><x-machine.hand pose="grip"/></g>
            @endif
            <path class="copper-line" d="{{ $back ? 'M214 58 V108 M205 98 l9 10 l9 -10' : 'M214 108 V58 M205 68 l9 -10 l9 10' }}"/>
    @endswitch
    @for ($i = 0; $i < min(8, $pieces); $i++)<circle class="ink-line w-light" cx="{{ 101 - (min(8, $pieces) - 1) * 9 + $i * 18 }}"
        cy="168" r="5"/><path class="ink-line w-thin" d="M{{ 98 - (min(8, $pieces) - 1) * 9 + $i * 18 }} 168 h6"/>@endfor
</svg>
