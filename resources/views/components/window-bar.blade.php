@props(['bar'])
{{-- Soft: the likely days. Blue: the due day. Copper pin: today. The words beside it say the same. --}}
<svg class="window-bar" viewBox="0 0 200 34" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    <rect class="in-line" x="0" y="20" width="200" height="4" rx="2"/>
    <rect class="in-soft" x="{{ $bar->from * 2 }}" y="15" width="{{ max(3, ($bar->to - $bar->from) * 2) }}" height="14" rx="6"/>
    <rect class="in-rim" x="{{ $bar->due * 2 - 2 }}" y="11" width="4" height="22" rx="2"/>
    <path class="in-copper" d="M{{ $bar->today * 2 }} 18 l-7 -12 h14Z"/>
    <rect class="in-copper" x="{{ $bar->today * 2 - 1.2 }}" y="10" width="2.4" height="22" rx="1"/>
</svg>
