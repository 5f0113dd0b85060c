@props(['name'])
<svg viewBox="0 0 24 24" aria-hidden="true" focusable="false">
    @switch($name)
        @case('today')<path class="ink-line" stroke="currentColor" d="M5 4 L7 20 H17 L19 4 M6 11 q3 -2 6 0 t6 0"/>@break
        @case('kitchen')<path class="ink-line" d="M4 3 H20 V21 H4Z M4 8 H20 M12 11.5 v6 M8 14.5 h8"/>@break
        @case('rhythm')<path class="ink-line" d="M2 18 H8 V12 H14 V6 H22 M5 21.5 h1 M11 21.5 h1 M17 21.5 h1"/>@break
        @case('logbook')<path class="ink-line" d="M6 3 H19 V21 H6Z M6 7 H3.5 M6 12 H3.5 M6 17 H3.5 M10 8 H15.5 M10 12 H15.5"/>@break
        @case('handbook')<path class="ink-line" d="M12 6 C9 4 6 4 3 5 V19 C6 18 9 18 12 20 C15 18 18 18 21 19 V5 C18 4 15 4 12 6 V20"/>
            @break
        @case('household')<path class="ink-line" d="M3 11 L12 3 L21 11 M6 9 V21 H18 V9 M10.5 21 v-6 h3 v6"/>@break
    @endswitch
</svg>
