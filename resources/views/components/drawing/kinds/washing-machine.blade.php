<rect class="ink-line" x="16" y="6" width="60" height="64" rx="5"/>
<path class="ink-line" d="M16 20 H76"/><path class="rim-line" d="M24 13 H42"/>
<circle class="ink-line" cx="46" cy="44" r="18"/><circle class="rim-line" cx="46" cy="44" r="12"/>
<path class="copper-line" d="M36 46 q5 -5 10 0 t10 0"/>
