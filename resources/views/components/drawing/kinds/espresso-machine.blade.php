<path class="ink-line" d="M18 10 H76 V28 H30 V58 H76 V68 H18Z"/>
<path class="ink-line" d="M42 28 V36 H62 V28 M62 32 H82"/>
<path class="rim-line" d="M44 48 H60 V54 Q60 58 52 58 Q44 58 44 54Z"/>
<path class="copper-line" d="M52 38 v6"/><path class="rim-line w-light" d="M70 28 Q74 42 68 50"/>
