@props(['part'])
{{-- A small sign for a part that lies in the tray. --}}
@switch(true)
    @case(str_contains($part, 'rack') || $part === 'basket')
        <path class="ink-line w-light" d="M2 6 L7 34 H37 L42 6Z M14 8 V34 M22 8 V34 M30 8 V34"/>
        @break
    @case(str_contains($part, 'arm'))
        <rect class="ink-line w-light" x="1" y="14" width="42" height="10" rx="5"/><circle class="ink-line w-light" cx="22" cy="19" r="7"/>
            <path class="ink-line w-light" d="M8 19 h.1 M14 19 h.1 M30 19 h.1 M36 19 h.1"/>
        @break
    @case(str_contains($part, 'grease') || $part === 'carbon')
        <rect class="ink-line w-light" x="3" y="6" width="38" height="28" rx="4"/>
            <path class="ink-line w-thin" d="M6 10 L38 30 M14 8 L40 24 M4 16 L30 32 M38 10 L6 30 M30 8 L4 24 M40 16 L14 32"/>
        @break
    @case(str_contains($part, 'cover') || str_contains($part, 'guard') || $part === 'vent')
        <ellipse class="ink-line w-light" cx="22" cy="18" rx="19" ry="9"/>
            <path class="ink-line w-light" d="M3 18 V24 Q3 34 22 34 Q41 34 41 24 V18"/>
        @break
    @case(str_contains($part, 'impeller'))
        <circle class="ink-line w-light" cx="22" cy="20" r="15"/>
            <path class="ink-line w-light" d="M22 20 q4 -12 12 -10 M22 20 q12 4 10 12 M22 20 q-4 12 -12 10 M22 20 q-12 -4 -10 -12"/>
        @break
    @case(str_contains($part, 'tube'))
        <path class="ink-line w-light" d="M14 36 V12 Q14 4 22 4 H40 V12 H24 V36Z"/>
        @break
    @case($part === 'disc' || $part === 'cartridge')
        <rect class="ink-line w-light" x="12" y="6" width="20" height="28" rx="6"/>
            <path class="ink-line w-thin" d="M16 14 H28 M16 20 H28 M16 26 H28"/>
        @break
    @case(str_contains($part, 'reservoir') || $part === 'carafe')
        <path class="ink-line w-light" d="M10 4 H34 V34 Q34 37 31 37 H13 Q10 37 10 34Z M34 10 h5 v14 h-5"/>
            <path class="ink-line w-thin" d="M10 16 H34"/>
        @break
    @case($part === 'tray' || $part === 'drawer')
        <path class="ink-line w-light" d="M3 16 H41 V26 Q41 32 35 32 H9 Q3 32 3 26Z"/>
            <path class="ink-line w-thin" d="M9 16 V22 M16 16 V22 M23 16 V22 M30 16 V22 M36 16 V22"/>
        @break
    @case($part === 'screen' || $part === 'mat' || str_contains($part, 'strainer'))
        <ellipse class="ink-line w-light" cx="22" cy="22" rx="20" ry="10"/><path class="ink-line w-thin"
            d="M6 17 H38 M3 22 H41 M6 27 H38 M12 14 V30 M22 12 V32 M32 14 V30"/>
        @break
    @case(str_contains($part, 'hose') || $part === 'valve')
        <path class="ink-line w-light" d="M6 8 H18 V16 Q18 24 26 24 H38 V36 H26 Q6 36 6 16Z"/><path class="ink-line w-thin"
            d="M6 12 H18 M34 24 V36"/>
        @break
    @case(str_contains($part, 'cup'))
        <path class="ink-line w-light" d="M8 12 H36 L32 34 H12Z M4 12 H40"/>
        @break
    @default
        <path class="ink-line w-light" d="M4 10 H40 M8 10 V30 Q8 36 14 36 H30 Q36 36 36 30 V10 M15 12 V35 M22 12 V35 M29 12 V35 M8 23 H36
            M18 10 V5 H26 V10"/>
@endswitch
