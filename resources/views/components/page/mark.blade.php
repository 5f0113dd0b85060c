{{-- Our mark: a clear tumbler with a wave in it. --}}
<svg viewBox="0 0 30 34" aria-hidden="true" focusable="false">
    <path class="in-water" d="M5.2 13 q4.9 -3.4 9.8 0 t9.8 0 L23.4 31 H6.6Z"/>
    <path class="ink-line w-firm" d="M3.5 3 L6.2 30 Q6.3 31.5 7.8 31.5 H22.2 Q23.7 31.5 23.8 30 L26.5 3"/>
</svg>
