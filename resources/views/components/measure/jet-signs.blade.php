@once
{{-- A jet as it is marked: an open ring, half filled, filled with a cross. --}}
<svg class="symbols" aria-hidden="true">
    <symbol id="jet-open" viewBox="0 0 20 20"><circle class="jet-hole" cx="10" cy="10" r="8"/></symbol>
    <symbol id="jet-half" viewBox="0 0 20 20"><circle class="jet-hole" cx="10" cy="10" r="8"/>
        <path class="jet-dirt" d="M10 2 A8 8 0 0 0 10 18Z"/></symbol>
    <symbol id="jet-shut" viewBox="0 0 20 20"><circle class="jet-dirt" cx="10" cy="10" r="8"/>
        <path class="jet-cross" d="M6 6 L14 14 M14 6 L6 14"/></symbol>
</svg>
@endonce
