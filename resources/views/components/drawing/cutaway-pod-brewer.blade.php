@props(['machine', 'lines'])
@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 440" role="group" aria-label="{{
    __('views/components/drawing/cutaway-pod-brewer.cut_open', ['machine' => $machine->name]) }}">
    {{-- body with head and lever, drip tray, mug --}}
    <path class="ink-line" d="M300 406 H520 V382 H392 V214 H500 Q520 214 520 194 V104 Q520 66 482 66 H318 Q300 66 300 84Z"/>
    <path class="ink-line" d="M410 66 Q440 22 506 34"/>
    <path class="rim-line w-light" d="M286 330 H330 V120 H430"/>
    <rect class="in-soft" x="402" y="374" width="112" height="10" rx="5"/>
        <rect class="ink-line" x="402" y="374" width="112" height="10" rx="5"/>
    <path class="ink-line" d="M424 296 H490 L484 370 H430Z M490 312 q26 4 18 34 l-20 4"/>
    <text x="574" y="384">{{ __('views/components/drawing/cutaway-pod-brewer.drip_tray') }}</text>
    <path class="ink-line w-thin leader" d="M516 379 H566"/>

    <x-drawing.cut-part :line="$lines['descale'] ?? null" :x="160" :y="170" :to="212" :end="true">
        <path class="{{ PartSoil::of($lines['descale'] ?? null) }}" d="M214 140 H286 V380 H214Z"/>
        <path class="ink-line body" d="M214 96 H286 V380 Q286 392 274 392 H226 Q214 392 214 380Z"/>
        <path class="rim-line w-thin" d="M218 140 q9 -6 18 0 t18 0 t18 0"/>
    </x-drawing.cut-part>
    @isset($lines['cartridge'])
        <x-drawing.cut-part :line="$lines['cartridge']" :x="160" :y="340" :to="230" :end="true">
            <rect class="{{ PartSoil::of($lines['cartridge'] ?? null) }}" x="232" y="318" width="36" height="46" rx="6"/>
                <rect class="ink-line body" x="232" y="318" width="36" height="46" rx="6"/>
            <path class="ink-line w-thin" d="M238 330 h24 M238 340 h24 M238 350 h24"/>
        </x-drawing.cut-part>
    @endisset
    <x-drawing.cut-part :line="$lines['needle'] ?? null" :x="574" :y="160" :to="482">
        <path class="{{ PartSoil::of($lines['needle'] ?? null) }}" d="M418 140 H482 V172 Q482 206 450 206 Q418 206 418 172Z"/>
        <path class="ink-line body" d="M418 140 H482 V172 Q482 206 450 206 Q418 206 418 172Z"/>
        <path class="ink-line" d="M450 118 V158 l-5 -8 M450 158 l5 -8 M450 206 V226"/>
    </x-drawing.cut-part>
</svg>
