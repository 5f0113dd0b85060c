<rect class="ink-line" x="18" y="6" width="56" height="64" rx="6"/><path class="ink-line" d="M18 18 H74"/>
<path class="rim-line" d="M28 34 a8 8 0 0 1 16 0 M48 34 a8 8 0 0 1 16 0 M24 34 H68"/>
<path class="rim-line w-light" d="M46 48 V56 M30 60 L46 54 L62 60"/>
