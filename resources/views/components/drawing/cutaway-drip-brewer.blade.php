@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 440" role="group" aria-label="{{
    __('views/components/drawing/cutaway-drip-brewer.cut_open', ['machine' => $machine->name]) }}">
    {{-- body: foot, column, head --}}
    <path class="ink-line" d="M230 410 H500 V384 H330 V150 H500 V60 Q500 46 486 46 H244 Q230 46 230 60 Z"/>
    <path class="rim-line w-light" d="M310 330 V388 H470 V372 M318 330 V120 H352"/>
    @unless ($isThermal())
        <rect class="in-soft" x="352" y="370" width="136" height="12" rx="6"/>
        <rect class="ink-line" x="352" y="370" width="136" height="12" rx="6"/>
        <text x="560" y="382">{{ __('views/components/drawing/cutaway-drip-brewer.warming_plate') }}</text>
        <path class="ink-line w-thin leader" d="M490 377 H552"/>
    @endunless

    <x-drawing.cut-part :line="$lines['descale'] ?? null" :x="170" :y="200" :to="244" :end="true">
        <path class="{{ PartSoil::of($lines['descale'] ?? null) }}" d="M246 120 H304 V330 H246Z"/>
        <path class="ink-line body" d="M246 92 H304 V330 H246Z"/>
        <path class="rim-line w-thin" d="M250 120 q8 -6 16 0 t16 0 t16 0"/>
    </x-drawing.cut-part>
    @isset($lines['disc'])
        <x-drawing.cut-part :line="$lines['disc']" :x="170" :y="312" :to="256" :end="true">
            <ellipse class="{{ PartSoil::of($lines['disc'] ?? null) }}" cx="275" cy="306" rx="18" ry="11"/><ellipse class="ink-line body"
                cx="275" cy="306" rx="18"
                ry="11"/>
        </x-drawing.cut-part>
    @endisset

    <x-drawing.cut-part :line="$lines['basket'] ?? null" :x="560" :y="186" :to="468">
        <path class="{{ PartSoil::of($lines['basket'] ?? null) }}" d="M366 150 H474 L456 206 H384Z"/>
        <path class="ink-line body" d="M366 150 H474 L456 206 H384Z"/>
        <path class="rim-line w-thin" d="M378 158 L394 200 M400 158 L408 200 M440 158 L432 200 M462 158 L446 200"/>
    </x-drawing.cut-part>
    @unless (isset($lines['basket']))
        <text x="560" y="186">{{ __('views/components/drawing/cutaway-drip-brewer.filter_basket') }}</text>
        <path class="ink-line w-thin leader" d="M468 181 H552"/>
    @endunless
    <x-drawing.cut-part :line="$carafe()" :x="560" :y="292" :to="482">
        @if ($isThermal())
            <path class="{{ PartSoil::of($carafe()) }}" d="M380 262 H460 V362 H380Z"/>
            <path class="ink-line body" d="M396 226 H444 L470 256 V374 H370 V256Z M470 270 q32 8 24 56 l-24 12"/>
            <path class="rim-line w-thin" d="M380 262 V364 H460 V262"/>
        @else
            <path class="{{ $carafe() ? PartSoil::of($carafe()) : 'in-thin-water' }}" d="M368 290 H474 L466 366 H376Z"/>
            <path class="ink-line body" d="M388 226 H452 L480 280 L466 366 H376 L362 280Z M480 262 q34 10 20 54 l-26 8"/>
        @endif
    </x-drawing.cut-part>
    @unless ($carafe())
        <text x="560" y="292">{{ __('views/components/drawing/cutaway-drip-brewer.carafe') }}</text>
        <path class="ink-line w-thin leader" d="M508 287 H552"/>
    @endunless
</svg>
