<path class="ink-line" d="M24 6 H72 V20 H24Z M24 20 V70 H76"/><path class="ink-line" d="M40 20 L45 32 H57 L62 20"/>
<path class="rim-line" d="M38 40 H64 L62 66 H40Z M64 46 h6 v10 h-7"/><path class="copper-line" d="M51 33 v4"/>
