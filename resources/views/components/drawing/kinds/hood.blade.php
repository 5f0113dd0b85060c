<path class="ink-line" d="M36 6 H56 V30 L78 52 H14 L36 30Z M14 52 V60 H78 V52"/>
<path class="rim-line w-light" d="M24 52 V60 M34 52 V60 M44 52 V60 M54 52 V60 M64 52 V60"/>
