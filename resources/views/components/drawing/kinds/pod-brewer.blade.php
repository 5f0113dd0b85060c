<path class="ink-line" d="M22 12 Q22 6 30 6 H66 Q72 6 72 14 V26 H38 V70 H22Z M38 70 H74"/>
<path class="rim-line" d="M46 44 H66 L64 64 H48Z"/><path class="copper-line" d="M56 28 v10"/>
