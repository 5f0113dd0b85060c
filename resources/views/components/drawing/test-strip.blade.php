@props(['windows', 'turned'])
{{-- A test strip: a stick with windows, of which some have turned. Told by their filling, not by a colour. --}}
<svg class="test-strip" viewBox="0 0 132 30" aria-hidden="true" focusable="false">
    <path class="ink-line w-light" d="M8 3 H129 V27 H8 L2 15Z"/>
    @for ($i = 0, $x = 16; $i < $windows; $i++, $x += 22)
        <rect class="{{ $i < $turned ? 'in-silt-3' : 'in-thin-water' }}" x="{{ $x }}" y="7" width="16" height="16" rx="3"/>
        <rect class="ink-line w-thin" x="{{ $x }}" y="7" width="16" height="16" rx="3"/>
        @if ($i < $turned)<path class="strip-cross" d="M{{ $x + 4 }} 11 L{{ $x + 12 }} 19 M{{ $x + 12 }} 11 L{{ $x + 4 }} 19"/>@endif
    @endfor
</svg>
