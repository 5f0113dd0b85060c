@props(['kind'])
<svg viewBox="0 0 30 30" aria-hidden="true" focusable="false">
    @switch($kind)
        @case('opening')<circle class="ink-line" cx="15" cy="15" r="11"/><path class="rim-line w-thin" d="M15 4 V26 M4 15 H26"/>@break
        @case('dose')<path class="ink-line" d="M15 4 Q24 15 24 19 A9 9 0 0 1 6 19 Q6 15 15 4Z"/>@break
        @case('clearing')<path class="rim-line" d="M4 11 q5.5 -5 11 0 t11 0 M4 20 q5.5 -5 11 0 t11 0"/>@break
        @case('counter')<path class="rim-line" d="M8 6 V24 M14 6 V24 M20 6 V24 M4 20 L25 10"/>@break
        @case('check')<path class="ink-line" d="M6 16 L13 23 L25 7"/>@break
        @case('note')<path class="ink-line" d="M6 5 H24 V25 H6Z M10 11 H20 M10 16 H20 M10 21 H15"/>@break
        @default<path class="ink-line" d="M8 12 H19 Q25 12 25 18 Q25 24 19 24 H12 M8 12 L13 7 M8 12 L13 17"/>
    @endswitch
</svg>
