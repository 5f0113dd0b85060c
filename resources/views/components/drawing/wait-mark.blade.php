<svg class="wait-mark" viewBox="0 0 20 20" aria-hidden="true" focusable="false">
    <path class="ink-line w-light" d="M5 2 H15 M5 18 H15 M6 2 C6 8 9 8 10 10 C11 8 14 8 14 2 M6 18 C6 12 9 12 10 10 C11 12 14 12 14 18"/>
    </svg>
