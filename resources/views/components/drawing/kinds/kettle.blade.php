<path class="ink-line" d="M28 20 H62 L68 62 H22Z"/>
<path class="ink-line" d="M28 22 L16 30 M38 20 Q38 10 45 10 Q52 10 52 20"/>
<path class="rim-line" d="M64 28 Q82 28 78 46 Q76 54 67 54"/>
<path class="rim-line w-light" d="M26 48 H66 M16 68 H74"/>
