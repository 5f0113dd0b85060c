@props(['machine', 'lines'])
@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 440" role="group" aria-label="{{
    __('views/components/drawing/cutaway-kettle.cut_open', ['machine' => $machine->name]) }}">
    {{-- base, body, spout, handle --}}
    <path class="ink-line" d="M244 396 H476 Q486 396 486 406 V414 H234 V406 Q234 396 244 396Z"/>
    <path class="rim-line w-light" d="M346 396 V384 H374 V396"/>
    <text x="574" y="412">{{ __('views/components/drawing/cutaway-kettle.base') }}</text>
    <path class="ink-line w-thin leader" d="M488 407 H566"/>
    <path class="ink-line" d="M276 110 L196 150 L224 176 L262 152"/>
    <path class="rim-line w-thick" opacity="0.5" d="M470 130 Q552 130 540 226 Q532 300 486 312"/>
    <path class="in-thin-water" d="M264 216 H472 L484 372 H250Z" opacity="0.6"/>

    <x-drawing.cut-part :line="$lines['outside'] ?? null" :x="574" :y="196" :to="540">
        <path class="ink-line body" d="M284 92 H442 M272 110 H456 L486 384 H242Z"/>
        <path class="ink-line" d="M352 92 V76 H376 V92"/>
    </x-drawing.cut-part>
    <x-drawing.cut-part :line="$lines['descale'] ?? null" :x="160" :y="352" :to="252" :end="true">
        <path class="{{ PartSoil::of($lines['descale'] ?? null) }}" d="M250 360 H482 L484 384 H244Z"/>
        <path class="ink-line body" d="M250 360 H482 L484 384 H244Z"/>
        <path class="ink-line w-thin" d="M256 372 q10 -6 20 0 t20 0 t20 0 t20 0 t20 0 t20 0 t20 0 t20 0 t20 0 t20 0"/>
    </x-drawing.cut-part>
</svg>
