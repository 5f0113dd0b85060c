@props(['machine', 'lines'])
@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 460" role="group" aria-label="{{
    __('views/components/drawing/cutaway-espresso-machine.cut_open', ['machine' => $machine->name]) }}">
    {{-- body, boiler, pump, portafilter, cup --}}
    <path class="ink-line" d="M190 60 H520 V150 H300 V400 H540 V428 H190Z"/>
    <path class="rim-line" d="M330 76 H430 Q446 76 446 92 V116 Q446 132 430 132 H330 Q314 132 314 116 V92 Q314 76 330 76Z"/>
    <text x="574" y="92">{{ __('views/components/drawing/cutaway-espresso-machine.boiler') }}</text>
    <path class="ink-line w-thin leader" d="M448 87 H566"/>
    <path class="rim-line w-light" d="M250 380 V300 H282 V104 H314 M446 104 H500 V150"/>
    <path class="ink-line" d="M350 202 H434 M434 196 H520 V208 H434"/>
    <path class="ink-line" d="M372 300 H418 V336 Q418 352 395 352 Q372 352 372 336Z"/>

    <x-drawing.cut-part :line="$lines['group'] ?? null" :x="574" :y="176" :to="436">
        <path class="{{ PartSoil::of($lines['group'] ?? null) }}" d="M346 150 H438 V190 H346Z"/>
        <path class="ink-line body" d="M346 150 H438 V190 H346Z"/>
        <path class="ink-line w-thin" d="M352 182 H432 M362 190 V198 M378 190 V198 M394 190 V198 M410 190 V198 M424 190 V198"/>
    </x-drawing.cut-part>
    @isset($lines['wand'])
        <x-drawing.cut-part :line="$lines['wand']" :x="574" :y="272" :to="510">
            <path class="copper-line" d="M490 150 Q520 180 500 270"/>
            <circle class="{{ PartSoil::of($lines['wand']) }}" cx="500" cy="276" r="8"/>
                <circle class="ink-line body" cx="500" cy="276" r="8"/>
        </x-drawing.cut-part>
    @endisset
    <x-drawing.cut-part :line="$lines['tray'] ?? null" :x="574" :y="392" :to="530">
        <rect class="{{ PartSoil::of($lines['tray'] ?? null) }}" x="312" y="376" width="216" height="22" rx="6"/>
        <rect class="ink-line body" x="312" y="376" width="216" height="22" rx="6"/>
    </x-drawing.cut-part>
    <x-drawing.cut-part :line="$lines['descale'] ?? null" :x="160" :y="250" :to="206" :end="true">
        <path class="{{ PartSoil::of($lines['descale'] ?? null) }}" d="M206 180 H276 V396 H206Z"/>
        <path class="ink-line body" d="M206 140 H276 V396 H206Z"/>
        <path class="rim-line w-thin" d="M210 180 q8 -6 16 0 t16 0 t16 0 t14 0"/>
    </x-drawing.cut-part>
    @isset($lines['cartridge'])
        <x-drawing.cut-part :line="$lines['cartridge']" :x="160" :y="352" :to="222" :end="true">
            <rect class="{{ PartSoil::of($lines['cartridge']) }}" x="222" y="334" width="34" height="48" rx="6"/>
            <rect class="ink-line body" x="222" y="334" width="34" height="48" rx="6"/>
            <path class="ink-line w-thin" d="M228 346 h22 M228 356 h22 M228 366 h22"/>
        </x-drawing.cut-part>
    @endisset
</svg>
