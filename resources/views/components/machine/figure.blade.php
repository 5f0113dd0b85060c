@props(['figure', 'due' => false, 'class' => ''])
{{-- A machine as it stands in the kitchen, its door or lid drawn open to the eye; what is due first is pointed at. --}}
<svg @class(['figure', $class]) viewBox="0 0 120 120" aria-hidden="true" focusable="false">
    @switch($figure->kind)
        @case('dishwasher')
            <path class="in-thin-water" d="M26 34 H94 V108 H26Z"/>
            <path class="ink-line" d="M14 4 H106 V118 H14Z M14 26 H106"/>
            <path class="rim-line" d="M42 15 H78"/><circle class="in-rim" cx="24" cy="15" r="2.5"/>
            <path class="soft-line" d="M26 34 H94 V108 H26Z M34 44 H86 L82 58 H38Z M34 66 H86 L82 80 H38Z"/>
            <path class="water-line" d="M38 62 H82 M42 92 H78"/>
            <path class="ink-line w-thin" d="M52 98 H68 V108 H52Z"/>
            @break
        @case('washing-machine')
            <path class="ink-line" d="M14 4 H106 V118 H14Z M14 28 H106"/>
            <path class="ink-line w-thin" d="M20 10 H50 V22 H20Z M82 96 H98 V110 H82Z"/><circle class="rim-line" cx="92" cy="16" r="6"/>
            <circle class="ink-line" cx="60" cy="66" r="30"/><circle class="in-thin-water" cx="60" cy="66" r="22"/>
            <path class="water-line" d="M39 70 Q50 64 60 70 T81 70"/>
            @break
        @case('hood')
            <path class="ink-line" d="M46 2 V44 L14 84 V104 H106 V84 L74 44 V2 M14 84 H106"/>
            <path class="soft-line" d="M46 20 H74"/>
            <path class="in-thin-water" d="M20 88 H56 V98 H20Z M64 88 H100 V98 H64Z"/>
            <path class="rim-line w-thin" d="M20 88 H56 V98 H20Z M64 88 H100 V98 H64Z M28 88 l6 10 M38 88 l6 10 M48 88 l6 10
                M72 88 l6 10 M82 88 l6 10 M92 88 l6 10"/>
            <circle class="in-rim" cx="54" cy="76" r="2.5"/><circle class="in-rim" cx="66" cy="76" r="2.5"/>
            @break
        @case('drip-brewer')
            <path class="ink-line" d="M16 118 V26 Q16 16 26 16 H100 V44 H50 V118 M16 118 H104 V110 H50"/>
            <path class="in-water" d="M24 56 H44 V98 H24Z"/><path class="soft-line" d="M24 32 H44 V98 H24Z"/>
            <path class="ink-line" d="M58 44 H92 L84 62 H66Z"/>
            <path class="in-thin-water" d="M60 82 H90 Q94 98 88 108 H62 Q56 98 60 82Z"/>
            <path class="ink-line" d="M62 72 H88 L90 82 Q94 98 88 108 H62 Q56 98 60 82Z M91 80 q14 2 6 20"/>
            @break
        @case('pod-brewer')
            <path class="in-water" d="M16 58 H34 V104 H16Z"/><path class="ink-line" d="M14 36 H36 V106 H14Z"/>
            <path class="ink-line" d="M36 118 V24 Q40 8 62 8 H84 Q98 8 98 24 V40 H58 V118 M36 118 H106 V112 H58"/>
            <path class="ink-line w-thin" d="M62 40 H84 V52 H62Z"/>
            <path class="ink-line" d="M64 82 H88 V104 Q88 108 84 108 H68 Q64 108 64 104Z M88 86 q12 0 10 10 q-2 6 -10 5"/>
            @break
        @case('kettle')
            <path class="in-thin-water" d="M32 70 H82 L86 106 H28Z"/>
            <path class="ink-line" d="M38 34 H76 L88 110 H26Z M34 48 L16 42 L30 66 M48 34 V26 H66 V34 M80 42 Q108 44 104 92 L88 96"/>
            <path class="soft-line" d="M31 70 H82"/><path class="ink-line" d="M18 118 H98 V110 H18Z"/>
            @break
        @case('espresso-machine')
            <path class="in-water" d="M16 20 H44 V36 H16Z"/>
            <path class="ink-line" d="M12 8 H106 V44 H44 V96 H106 V112 H12Z M12 112 V118 M106 112 V118"/>
            <path class="soft-line" d="M16 16 H44 V38 H16Z"/><circle class="rim-line" cx="78" cy="26" r="9"/><path class="rim-line"
                d="M78 26 L83 21"/>
            <path class="ink-line" d="M46 48 H72 V58 H46Z M72 54 H100"/><path class="ink-line w-thin" d="M90 44 V60 L96 82"/>
            <path class="ink-line" d="M50 78 H68 V92 Q68 96 64 96 H54 Q50 96 50 92Z"/>
            @break
        @case('kitchen')
            <path class="ink-line" d="M6 62 H114 V74 H6Z M16 74 V116 M104 74 V116"/>
            <path class="ink-line w-thin" d="M26 62 V40 H52 V62 M70 62 Q70 44 84 44 Q98 44 98 62"/>
            <path class="soft-line" d="M60 74 V116"/>
            @break
        @default
            <rect class="ink-line" x="18" y="18" width="84" height="98" rx="8"/><path class="soft-line" d="M18 40 H102"/>
            <circle class="in-rim" cx="30" cy="29" r="3"/>
    @endswitch
    @if ($due)<circle class="figure__due" cx="{{ $figure->spot[0] }}" cy="{{ $figure->spot[1] }}" r="9"/>
        <circle class="in-copper" cx="{{ $figure->spot[0] }}" cy="{{ $figure->spot[1] }}" r="3.5"/>@endif
</svg>
