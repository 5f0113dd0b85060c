@props(['machine', 'lines'])
@use('App\View\Drawing\PartSoil')
<svg class="cutaway" viewBox="0 0 720 520" role="group" aria-label="{{
    __('views/components/drawing/cutaway-washing-machine.cut_open', ['machine' => $machine->name]) }}">
    {{-- cabinet, panel, tub, pump, hoses --}}
    <rect class="ink-line" x="190" y="20" width="330" height="470" rx="14"/>
    <path class="ink-line w-light" d="M190 92 H520 M430 56 a14 14 0 1 0 .1 0"/>
    <circle class="ink-line" cx="355" cy="262" r="148"/>
    <path class="rim-line w-light" d="M355 410 V438 H300"/>
    <path class="rim-line" d="M520 60 H540 V140 M300 452 H556 V330"/>
    <text x="574" y="336">{{ __('views/components/drawing/cutaway-washing-machine.drain_hose') }}</text>

    <x-drawing.cut-part :line="$lines['drawer'] ?? null" :x="170" :y="62" :to="212" :end="true">
        <rect class="{{ PartSoil::of($lines['drawer'] ?? null) }}" x="212" y="40" width="108" height="34" rx="5"/>
        <rect class="ink-line body" x="212" y="40" width="108" height="34" rx="5"/>
        <path class="ink-line w-thin" d="M248 40 V74 M284 40 V74"/>
    </x-drawing.cut-part>
    <x-drawing.cut-part :line="$lines['drum'] ?? null" :x="574" :y="250" :to="468">
        <circle class="{{ PartSoil::of($lines['drum'] ?? null) }}" cx="355" cy="262" r="112" opacity="0.7"/>
        <circle class="ink-line body" cx="355" cy="262" r="112"/>
        <path class="ink-line w-thin" d="M355 158 V190 M265 314 L292 298 M445 314 L418 298"/>
    </x-drawing.cut-part>
    @isset($lines['seal'])
        <x-drawing.cut-part :line="$lines['seal']" :x="170" :y="290" :to="216" :end="true">
            <path class="rim-line w-thick" opacity="0.6" d="M355 128 a134 134 0 1 0 .1 0"/>
            <path class="ink-line body w-thin" d="M355 122 a140 140 0 1 0 .1 0"/>
        </x-drawing.cut-part>
    @endisset
    @isset($lines['drain-filter'])
        <x-drawing.cut-part :line="$lines['drain-filter']" :x="170" :y="452" :to="232" :end="true">
            <rect class="{{ PartSoil::of($lines['drain-filter']) }}" x="232" y="436" width="68" height="30" rx="8"/>
            <rect class="ink-line body" x="232" y="436" width="68" height="30" rx="8"/>
            <path class="ink-line w-thin" d="M246 440 V462 M258 440 V462 M270 440 V462 M282 440 V462"/>
        </x-drawing.cut-part>
    @endisset
    @isset($lines['inlet'])
        <x-drawing.cut-part :line="$lines['inlet']" :x="574" :y="66" :to="524">
            <circle class="{{ PartSoil::of($lines['inlet']) }}" cx="520" cy="60" r="10"/>
                <circle class="ink-line body" cx="520" cy="60" r="10"/>
        </x-drawing.cut-part>
    @endisset
</svg>
