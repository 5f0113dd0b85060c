@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 440" role="group" aria-label="{{
    __('views/components/drawing/cutaway-hood.cut_open', ['machine' => $machine->name]) }}">
    {{-- chimney, canopy, fan, hob below --}}
    <path class="ink-line" d="M316 20 V150 L176 250 V288 H544 V250 L404 150 V20"/>
    <circle class="ink-line" cx="360" cy="128" r="30"/><path class="rim-line w-light"
        d="M360 102 q14 14 0 26 q-14 12 0 26 M334 128 q14 -14 26 0 q12 14 26 0"/>
    <text x="574" y="134">{{ __('views/components/drawing/cutaway-hood.fan') }}</text>
    <path class="ink-line w-thin leader" d="M392 129 H566"/>
    <path class="ink-line" d="M150 412 H570 M236 412 v-10 h64 v10 M420 412 v-10 h64 v10"/>
    <path class="copper-line"
        d="M252 376 q-8 -12 0 -24 q8 -12 0 -24 M284 376 q-8 -12 0 -24 q8 -12 0 -24 M436 376 q-8 -12 0 -24 q8 -12 0 -24
        M468 376 q-8 -12 0 -24 q8 -12 0 -24" opacity="0.35"/>

    @if (! $returnsAir())
        <x-drawing.cut-part :line="$lines['duct'] ?? null" :x="574" :y="56" :to="406">
            <path class="{{ PartSoil::of($lines['duct'] ?? null) }}" d="M318 22 H402 V90 H318Z"/>
                <path class="ink-line body w-thin" d="M318 22 H402 V90 H318Z"/>
            <path class="rim-line w-light" d="M360 78 V36 M350 46 l10 -10 l10 10"/>
        </x-drawing.cut-part>
    @else
        <x-drawing.cut-part :line="$lines['carbon'] ?? null" :x="574" :y="190" :to="410">
            <rect class="{{ PartSoil::of($lines['carbon'] ?? null) }}" x="312" y="174" width="96" height="20" rx="6"/>
                <rect class="ink-line body" x="312" y="174" width="96" height="20" rx="6"/>
            <path class="ink-line w-thin" d="M322 180 v8 M334 180 v8 M346 180 v8 M358 180 v8 M370 180 v8 M382 180 v8 M394 180 v8"/>
        </x-drawing.cut-part>
    @endif
    <x-drawing.cut-part :line="$lines['underside'] ?? null" :x="160" :y="196" :to="252" :end="true">
        <path class="{{ PartSoil::of($lines['underside'] ?? null) }}" d="M184 252 L236 214 H484 L536 252Z" opacity="0.85"/>
            <path class="ink-line body w-thin" d="M184 252 L236 214 H484 L536 252Z"/>
    </x-drawing.cut-part>
    <x-drawing.cut-part :line="$lines['grease'] ?? null" :x="160" :y="272" :to="188" :end="true">
        @foreach ([[190, 336], [364, 510 + 20]] as [$from, $until])
            <rect class="{{ PartSoil::of($lines['grease'] ?? null) }}" x="{{ $from }}" y="256" width="{{ $until - $from }}" height="24"
                rx="4"/>
            @for ($i = $from + 12; $i < $until - 4; $i += 14)
                <path class="ink-line w-thin"
                    d="{{ $baffles() ? "M$i 260 V276 h6 V260" : 'M'.$i.' 258 l8 20 M'.($i + 8).' 258 l-8 20' }}"/>
                @endfor
            <rect class="ink-line body" x="{{ $from }}" y="256" width="{{ $until - $from }}" height="24" rx="4"/>
        @endforeach
    </x-drawing.cut-part>
</svg>
