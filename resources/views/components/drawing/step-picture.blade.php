@props(['name'])
{{-- What the hands do, drawn: ink is what is there, blue what moves, copper the direction. --}}
<svg class="step__picture" viewBox="0 0 220 150" aria-hidden="true" focusable="false">
    @switch($name)
        @case('kit')
            <path class="rim-line" d="M20 96 H200 L188 132 H32Z"/>
            <path class="ink-line" d="M50 90 L62 34 q8 -8 16 0 L74 90 M60 46 h17"/>
            <path class="ink-line" d="M98 90 V46 h16 V90 M100 46 v-18 M104 46 v-18 M108 46 v-18 M112 46 v-18"/>
            <path class="ink-line" d="M134 90 V60 q0 -10 10 -10 h8 V38 h14 v12 h2 q10 0 10 10 V90 M134 66 h44"/>
            @break
        @case('plug-out')
        @case('plug-in')
            <rect class="ink-line" x="20" y="36" width="74" height="74" rx="14"/>
            <circle class="ink-line" cx="57" cy="73" r="23"/><circle class="in-ink" cx="49" cy="73" r="3.4"/>
                <circle class="in-ink" cx="65" cy="73" r="3.4"/>
            <path class="rim-line" d="M132 55 h26 q18 0 18 18 q0 18 -18 18 h-26Z M132 65 h-14 M132 81 h-14 M176 73 h12 q14 0 14 14 v40"/>
            <path class="copper-line"
                d="{{ $name === 'plug-out' ? 'M122 124 H160 M150 115 l10 9 l-10 9' : 'M160 124 H122 M132 115 l-10 9 l10 9' }}"/>
            @break
        @case('rack-out')
        @case('rack-in')
            <path class="ink-line" d="M16 22 V128 H110"/>
            <path class="rim-line" d="M62 62 L72 112 H182 L192 62 M66 86 H188 M92 66 V112 M112 66 V112 M132 66 V112 M152 66 V112 M172 66
                V112"/>
            <circle class="ink-line" cx="86" cy="120" r="6"/><circle class="ink-line" cx="168" cy="120" r="6"/>
            <path class="copper-line"
                d="{{ $name === 'rack-out' ? 'M94 36 H158 M148 27 l10 9 l-10 9' : 'M158 36 H94 M104 27 l-10 9 l10 9' }}"/>
            @break
        @case('tweezers')
            <path class="ink-line" d="M14 118 H84 Q92 118 92 126 V140 H128 V126 Q128 118 136 118 H206"/>
            <path class="rim-line" d="M150 14 L112 92 M168 22 L118 96 M150 14 q14 -6 18 8"/>
            <path class="in-silt-3" d="M104 96 l10 -2 l6 8 l-8 6 l-9 -4Z"/><circle class="in-silt-3" cx="58" cy="113" r="5"/>
                <path class="in-silt-2" d="M158 117 l6 -12 l7 12Z"/>
            <path class="copper-line" d="M90 84 V48 M81 58 l9 -10 l9 10"/>
            @break
        @case('scrape')
            <path class="ink-line" d="M70 88 H160 L150 142 H80Z M62 88 H168"/>
            <g transform="rotate(-38 118 44)"><path class="rim-line"
                d="M92 20 H146 M98 20 V56 Q98 64 106 64 H132 Q140 64 140 56 V20 M112 22 V62 M126 22 V62 M98 40 H140"/></g>
            <circle class="in-silt-3" cx="142" cy="74" r="4"/><circle class="in-silt-2" cx="130" cy="82" r="3"/>
                <circle class="in-silt-3" cx="118" cy="76" r="3.4"/>
            <path class="copper-line" d="M176 32 V66 M167 56 l9 10 l9 -10"/>
            @break
        @case('soak')
            <path class="in-thin-water" d="M30 66 H190 L178 128 Q176 136 168 136 H52 Q44 136 42 128Z"/>
            <path class="ink-line" d="M22 56 H198 M28 56 L42 128 Q44 136 52 136 H168 Q176 136 178 128 L192 56"/>
            <path class="rim-line" d="M84 82 H136 M90 82 V118 Q90 126 98 126 H122 Q130 126 130 118 V82 M104 84 V124 M117 84 V124"/>
            <circle class="rim-line w-light" cx="58" cy="60" r="8"/><circle class="rim-line w-light" cx="74" cy="52" r="6"/>
                <circle class="rim-line w-light" cx="154" cy="58" r="9"/><circle class="rim-line w-light" cx="170" cy="48" r="5"/>
            <path class="copper-line" d="M110 20 V62 M101 52 l9 10 l9 -10"/>
            @break
        @case('torch-pit')
            <path class="ink-line" d="M10 84 H66 V132 Q66 140 74 140 H146 Q154 140 154 132 V84 H210"/>
            <path class="in-thin-water" d="M68 120 H152 V132 Q152 138 146 138 H74 Q68 138 68 132Z"/>
            <path class="in-silt-1" d="M132 40 L84 126 L144 126Z" opacity="0.55"/>
            <path class="rim-line" d="M118 38 L146 52 L152 45 L122 30Z M128 32 L166 8 Q174 4 180 14 Q182 20 176 24 L149 42"/>
            <path class="in-silt-3" d="M98 116 l8 -9 l7 11Z"/><circle class="in-silt-3" cx="128" cy="116" r="4.5"/>
            @break
        @case('cloth')
            <path class="ink-line" d="M24 140 V40 Q24 18 46 18 H174 Q196 18 196 40 V140"/>
                <path class="ink-line w-light" d="M40 140 V46 Q40 34 52 34 H168 Q180 34 180 46 V140"/>
            <path class="rim-line" d="M60 20 q18 -12 34 2 q20 -6 26 14 q14 8 4 24 q-10 10 -26 2 q-18 8 -30 -6 q-18 -2 -16 -18 q-6 -12 8 -18Z
                M72 30 q10 4 12 16 M98 30 q4 8 2 18"/>
            <path class="copper-line" d="M136 64 H164 M154 55 l10 9 l-10 9"/>
            @break
        @case('drip')
            <path class="ink-line" d="M28 128 H192 M36 128 v12 M184 128 v12"/>
            <path class="rim-line" d="M80 40 H140 M88 40 V84 Q88 94 98 94 H122 Q132 94 132 84 V40 M103 42 V92 M117 42 V92 M88 64 H132"/>
            <path class="in-water" d="M98 104 q6 8 6 11 a6 6 0 0 1 -12 0 q0 -3 6 -11Z M122 100 q5 7 5 10 a5 5 0 0 1 -10 0 q0 -3 5 -10Z"/>
            <path class="copper-line" d="M166 84 V44 M157 54 l9 -10 l9 10"/>
            @break
        @case('brush')
            <path class="ink-line" d="M34 64 H126 M44 64 V122 Q44 134 56 134 H104 Q116 134 116 122 V64 M62 66 V132 M80 66 V134 M98 66 V132
                M44 88 H116 M44 110 H116"/>
            <path class="rim-line" d="M104 76 L112 60 L198 14 q10 2 6 12 L122 78Z M104 76 l-12 8 M109 80 l-11 9 M115 80 l-9 9 M121 79 l-8
                10"/>
            <path class="copper-line" d="M138 108 A17 17 0 1 1 160 124 M160 124 l8 -9 M160 124 l-11 -4"/>
            @break
        @case('tap')
            <path class="ink-line" d="M20 34 H92 Q118 34 118 60 M20 54 H84 Q98 54 98 68 M98 68 H118 V60 M52 34 V20 M38 20 H66"/>
            <path class="in-water" d="M102 72 H114 V96 H102Z"/>
            <path class="rim-line" d="M66 96 H150 M76 96 V126 Q76 138 88 138 H128 Q140 138 140 126 V96 M94 98 V136 M108 98 V136 M122 98
                V136"/>
            <path class="rim-line w-light" d="M160 104 q6 8 0 16 M170 98 q8 12 0 26 M56 104 q-6 8 0 16"/>
            @break
        @case('turn-home')
            <path class="ink-line" d="M14 104 H60 M160 104 H206 M60 104 V132 Q60 142 70 142 H150 Q160 142 160 132 V104"/>
            <path class="rim-line" d="M68 58 H152 M78 58 V104 Q78 116 90 116 H130 Q142 116 142 104 V58 M96 60 V114 M110 60 V116 M124 60 V114
                M78 86 H142"/>
            <path class="copper-line" d="M82 40 A30 12 0 0 1 138 38 M138 38 l-3 -12 M138 38 l-12 1 M182 52 V88 M173 78 l9 10 l9 -10"/>
            @break
        @case('press-home')
            <path class="ink-line" d="M14 110 H60 M160 110 H206 M60 110 V132 Q60 142 70 142 H150 Q160 142 160 132 V110"/>
            <path class="rim-line" d="M58 94 L78 78 H176 L160 94Z M72 89 h90 M82 84 h82 M66 118 H154"/>
            <path class="copper-line" d="M84 24 V62 M75 52 l9 10 l9 -10 M140 24 V62 M131 52 l9 10 l9 -10"/>
            @break
        @case('pull')
            <path class="ink-line" d="M14 92 H64 M156 92 H206 M64 92 V130 Q64 142 76 142 H144 Q156 142 156 130 V92"/>
            <path class="rim-line" d="M68 86 H152 M80 92 V122 Q80 132 90 132 H130 Q140 132 140 122 V92 M97 94 V130 M110 94 V132 M123 94 V130
                M96 86 V72 H124 V86"/>
            <path class="ink-line w-stout" d="M54 80 h22 M144 80 h22"/>
            <path class="copper-line" d="M110 62 V18 M101 28 l9 -10 l9 10"/>
            @break
        @case('pour')
            <path class="in-water" d="M132 92 H184 V136 H132Z"/>
            <path class="ink-line" d="M126 70 H190 L184 136 Q184 142 178 142 H138 Q132 142 132 136Z M132 92 H185"/>
            <path class="rim-line" d="M40 34 L86 20 L112 66 Q116 74 108 78 L70 92 Q62 94 58 86 L40 48Z M86 20 L110 36 L112 66"/>
            <path class="rim-line w-light" d="M124 58 Q140 62 152 84 M118 70 Q136 74 148 88"/>
            <path class="copper-line" d="M64 12 A44 44 0 0 1 118 22 M118 22 l-3 -12 M118 22 l-12 1"/>
            @break
        @case('cycle')
            <rect class="ink-line" x="46" y="14" width="128" height="126" rx="10"/>
                <path class="ink-line w-light" d="M46 40 H174 M62 27 h28"/><circle class="ink-line w-light" cx="152" cy="27" r="5"/>
            <path class="in-thin-water" d="M58 104 H162 V126 Q162 130 158 130 H62 Q58 130 58 126Z"/>
            <path class="rim-line w-light" d="M70 96 q-6 -12 6 -20 M98 92 q-4 -14 6 -24 M128 92 q-2 -14 8 -22 M152 96 q2 -12 -4 -20 M58 104
                q13 -7 26 0 t26 0 t26 0 t26 0"/>
            <path class="copper-line" d="M88 60 A24 24 0 0 1 134 58 M134 58 l2 -11 M134 58 l-11 -3"/>
            @break
        @case('brew')
            <path class="ink-line" d="M58 140 H168 V128 H96 V58 H168 V26 Q168 16 158 16 H68 Q58 16 58 26Z"/>
            <path class="in-thin-water" d="M112 100 H154 L150 122 H116Z"/>
            <path class="rim-line" d="M112 80 H154 L148 124 H118Z M154 88 q16 2 12 18 l-14 3 M116 58 L124 72 H142 L150 58"/>
            <path class="rim-line w-light" d="M133 74 v16 M70 34 v44 M78 34 v44"/>
            <path class="copper-line" d="M184 40 V84 M175 74 l9 10 l9 -10"/>
            @break
        @case('arm')
            <path class="ink-line" d="M84 132 H136 M96 132 V108 H124 V132"/>
            <rect class="rim-line" x="18" y="66" width="184" height="20" rx="10"/><circle class="rim-line" cx="110" cy="76" r="15"/>
            @foreach ([34, 54, 74, 146, 166, 186] as $x)<circle class="in-ink" cx="{{ $x }}" cy="76" r="3"/>@endforeach
            <path class="copper-line" d="M110 50 V14 M101 24 l9 -10 l9 10"/>
            @break
        @case('spin')
            <path class="ink-line" d="M84 138 H136 M98 138 V112 H122 V138"/>
            <rect class="rim-line" x="18" y="76" width="184" height="20" rx="10"/><circle class="rim-line" cx="110" cy="86" r="15"/>
            @foreach ([34, 54, 74, 146, 166, 186] as $x)<circle class="in-ink" cx="{{ $x }}" cy="86" r="3"/>@endforeach
            <path class="copper-line" d="M50 52 A66 26 0 0 1 170 52 M170 52 l-3 -13 M170 52 l-13 -2"/>
            @break
        @case('hood')
            <path class="ink-line" d="M92 10 V40 L30 74 V92 H190 V74 L128 40 V10"/>
            <rect class="rim-line" x="44" y="104" width="60" height="16" rx="4"/>
                <rect class="rim-line" x="116" y="104" width="60" height="16" rx="4"/>
            <path class="rim-line w-thin" d="M52 106 l8 12 M64 106 l8 12 M76 106 l8 12 M88 106 l8 12 M124 106 l8 12 M136 106 l8 12 M148 106
                l8 12 M160 106 l8 12"/>
            <path class="copper-line" d="M110 124 V146 M101 136 l9 10 l9 -10"/>
            @break
        @case('needle')
            <path class="ink-line" d="M36 30 H132 V66 Q132 92 110 98 V112 M36 30 V66 Q36 92 58 98 V112 M58 98 H110"/>
            <path class="ink-line" d="M84 98 V138 l-6 -10 M84 138 l6 -10"/>
            <path class="rim-line" d="M186 138 q-30 4 -52 -4 l-44 2 M186 138 q14 -2 14 -14 q0 -12 -14 -12 h-34"/>
            <path class="copper-line" d="M160 88 H120 M130 79 l-10 9 l10 9"/>
            @break
        @case('door-ajar')
            <rect class="ink-line" x="30" y="16" width="96" height="122" rx="8"/><path class="ink-line w-light" d="M42 30 H114 V126 H42Z"/>
            <path class="rim-line" d="M126 134 L182 120 V26 L126 20Z M170 66 v20"/>
            <path class="rim-line w-light" d="M62 60 q10 -8 0 -16 M82 60 q10 -8 0 -16 M62 92 q10 -8 0 -16 M82 92 q10 -8 0 -16"/>
            <path class="copper-line" d="M140 8 A60 40 0 0 1 192 22 M192 22 l2 -12 M192 22 l-12 -1"/>
            @break
    @endswitch
</svg>
