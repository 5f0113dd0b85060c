{{-- The machine cut open, drawn from its traits. Names stand in the margins; their lines run level and never cross. --}}
<svg class="cutaway" viewBox="0 0 720 520" role="group" aria-label="{{
    __('views/components/drawing/cutaway-dishwasher.cut_open', ['machine' => $machine->name]) }}">
    {{-- cabinet, tub, seal, vent --}}
    <rect class="ink-line" x="150" y="14" width="400" height="470" rx="14"/>
    <path class="in-thin-water" d="M176 44 H524 V388 H176Z" opacity="0.35"/>
    @if ($steel)
        <path class="ink-line w-thin" opacity="0.22" d="M196 60 l40 -0 M196 68 h24 M470 360 h40 M486 368 h24"/>
    @endif
    <path class="ink-line" d="M176 388 V52 Q176 42 186 42 H514 Q524 42 524 52 V388"/>
    <path class="rim-line w-thick" opacity="0.4" d="M165 392 V48 Q165 30 183 30 H517 Q535 30 535 48 V392"/>
    <path class="ink-line w-light" d="M497 74 v26 M505 74 v26 M513 74 v26"/>
    <text x="136" y="84" text-anchor="end">{{ __('views/components/drawing/cutaway-dishwasher.door_seal') }}</text>
    <path class="ink-line w-thin leader" d="M140 79 H163"/>
    <text x="566" y="92">{{ __('views/components/drawing/cutaway-dishwasher.vent') }}</text>
    <path class="ink-line w-thin leader" d="M516 87 H560"/>

    {{-- feed tube --}}
    <path class="ink-line w-light" d="M480 388 V{{ $feedTop + 8 }} M492 388 V{{ $feedTop - 4 }}"/>

    {{-- arms --}}
    @if ($arms === 3)
        <path class="ink-line" d="M492 62 H372 M480 74 H372"/>
        <rect class="in-water" x="258" y="61" width="184" height="14" rx="7"/>
            <rect class="ink-line" x="258" y="61" width="184" height="14" rx="7"/>
        @foreach (range(0, 7) as $i)<circle class="in-ink" cx="{{ 274 + $i * 22 }}" cy="68" r="2.6"/>@endforeach
        <text x="136" y="138" text-anchor="end">{{ __('views/components/drawing/cutaway-dishwasher.top_arm') }}</text>
        <path class="ink-line w-thin leader" d="M140 133 H226 V68 H256"/>
    @endif
    @if ($arms >= 2)
        <path class="ink-line" d="M492 208 H446 M480 220 H446"/>
        <rect class="in-water" x="222" y="207" width="232" height="14" rx="7"/>
            <rect class="ink-line" x="222" y="207" width="232" height="14" rx="7"/>
        @foreach (range(0, 9) as $i)<circle class="in-ink" cx="{{ 240 + $i * 22 }}" cy="214" r="2.6"/>@endforeach
        <text x="136" y="219" text-anchor="end">{{ __('views/components/drawing/cutaway-dishwasher.upper_arm') }}</text>
        <path class="ink-line w-thin leader" d="M140 214 H220"/>
    @endif

    {{-- racks --}}
    <path class="rim-line"
        d="M204 116 L212 192 H462 L470 116 M208 150 H466 M244 122 V192 M280 122 V192 M316 122 V192 M352 122 V192 M388 122
        V192 M424 122 V192"/>
    <path class="rim-line"
        d="M196 244 L206 330 H466 L476 244 M200 284 H472 M240 250 V330 M282 250 V330 M324 250 V330 M366 250 V330 M408 250
        V330 M444 250 V330"/>
    <text x="566" y="158">{{ __('views/components/drawing/cutaway-dishwasher.upper_rack') }}</text>
    <path class="ink-line w-thin leader" d="M472 153 H560"/>
    <text x="566" y="290">{{ __('views/components/drawing/cutaway-dishwasher.lower_rack') }}</text>
    <path class="ink-line w-thin leader" d="M478 285 H560"/>

    <rect class="in-water" x="206" y="345" width="256" height="15" rx="7.5"/>
        <rect class="ink-line" x="206" y="345" width="256" height="15" rx="7.5"/>
    @foreach (range(0, 10) as $i)<circle class="in-ink" cx="{{ 224 + $i * 22 }}" cy="352.5" r="2.8"/>@endforeach
    <text x="136" y="358" text-anchor="end">{{ __('views/components/drawing/cutaway-dishwasher.lower_arm') }}</text>
    <path class="ink-line w-thin leader" d="M140 353 H204"/>

    {{-- floor, sump, pump, drain --}}
    <path class="ink-line" d="M176 388 H286 M414 388 H524"/>
    <path class="ink-line" d="M286 388 V448 Q286 462 300 462 H400 Q414 462 414 448 V388"/>
    <path class="in-thin-water" d="M288 440 H412 V448 Q412 460 400 460 H300 Q288 460 288 448Z"/>
    <circle class="in-tile" cx="462" cy="440" r="23"/><circle class="ink-line" cx="462" cy="440" r="23"/>
    <path class="ink-line w-light" d="M462 424 V456 M446 440 H478 M451 429 L473 451 M473 429 L451 451"/>
    <path class="ink-line" d="M414 446 H439"/>
    <path class="ink-line" d="M485 436 H566 V330 M485 446 H576 V330"/>
    <text x="586" y="398">{{ __('views/components/drawing/cutaway-dishwasher.drain_hose') }}</text>
    <text x="566" y="478">{{ __('views/components/drawing/cutaway-dishwasher.drain_pump') }}</text>
    <path class="ink-line w-thin leader" d="M474 460 V473 H560"/>

    {{-- the filter, the part that is cared for: a link to its panel --}}
    <a class="part" href="?task=filter#task" @if ($line) aria-label="{{ $line->care->name() }}: {{ $line->when() }}" @endif>
        <rect class="ring" x="276" y="374" width="148" height="76" rx="16"/>
        @switch($filter)
            @case('flat-plate')
                <rect class="{{ $soil }}" x="290" y="384" width="120" height="10" rx="3"/>
                    <rect class="ink-line body" x="290" y="384" width="120" height="10" rx="3"/>
                <rect class="{{ $soil }}" x="300" y="402" width="100" height="16" rx="3"/>
                    <rect class="ink-line body" x="300" y="402" width="100" height="16" rx="3"/>
                <path class="ink-line w-thin" d="M312 402 v16 M324 402 v16 M336 402 v16 M348 402 v16 M360 402 v16 M372 402 v16 M384 402
                    v16"/>
                @break
            @case('sealed')
                <path class="{{ $soil }}" d="M296 388 Q296 372 350 372 Q404 372 404 388Z"/>
                    <path class="ink-line body" d="M296 388 Q296 372 350 372 Q404 372 404 388Z"/>
                <circle class="ink-line" cx="320" cy="382" r="3"/><circle class="ink-line" cx="350" cy="378" r="3"/>
                    <circle class="ink-line" cx="380" cy="382" r="3"/>
                @break
            @case('none')
                <path class="{{ $soil }}" d="M300 388 H400 L384 412 H316Z"/><path class="ink-line body" d="M300 388 H400 L384 412 H316Z"/>
                <path class="ink-line w-light" d="M336 424 L364 434 M364 424 L336 434"/>
                @break
            @default
                <path class="{{ $soil }}" d="M302 382 H398 V428 Q398 440 386 440 H314 Q302 440 302 428Z"/>
                <path class="ink-line w-thin" opacity="0.75"
                    d="M318 390 V440 M334 390 V440 M350 390 V440 M366 390 V440 M382 390 V440 M302 404 H398 M302 420 H398"/>
                <path class="ink-line body" d="M302 382 H398 V428 Q398 440 386 440 H314 Q302 440 302 428Z"/>
                <rect class="in-tile" x="292" y="376" width="116" height="12" rx="6"/>
                    <rect class="ink-line body" x="292" y="376" width="116" height="12" rx="6"/>
                <path class="ink-line" d="M338 376 v-8 h24 v8"/>
        @endswitch
        <path class="copper-line" d="M294 412 H140"/>
        <circle class="in-copper" cx="300" cy="412" r="6"/>
        <text class="now" x="134" y="410" text-anchor="end">{{ $line?->care->name() }}</text>
        <text class="now" x="134" y="430" text-anchor="end">{{ $line?->when() }}</text>
    </a>
</svg>
