<path class="ink-line" d="M8 36 H84 M12 36 V66 H80 V36"/>
<path class="ink-line" d="M24 36 V22 Q24 12 33 12 Q42 12 42 20"/>
<path class="rim-line" d="M34 36 Q34 44 44 44 Q54 44 54 36"/>
<path class="rim-line w-light" d="M46 52 V66 M40 56 v4 M52 56 v4 M62 36 V26 H74 V36"/>
<path class="copper-line" d="M42 24 v4 M42 31 v2"/>
