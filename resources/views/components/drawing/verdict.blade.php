@props(['verdict'])
{{-- A sign for each verdict, told apart by shape alone: drop, two arrows that meet, hand, gate, crossed-out drop. --}}
<svg class="verdict verdict--{{ $verdict->value }}" viewBox="0 0 24 24" aria-hidden="true" focusable="false">
    @switch($verdict->value)
        @case('go')<path d="M12 3 C15 8 18 11 18 15 a6 6 0 0 1 -12 0 C6 11 9 8 12 3Z"/>@break
        @case('wasteful')<path d="M2 12 H10 M7 8.5 L10.5 12 L7 15.5 M22 12 H14 M17 8.5 L13.5 12 L17 15.5"/>@break
        @case('caution')<path d="M7 12 V6.5 a1.5 1.5 0 0 1 3 0 V5 a1.5 1.5 0 0 1 3 0 v1.5 a1.5 1.5 0 0 1 3 0 V8 a1.5 1.5 0 0 1 3 0 v7 q0 6
            -6 6 q-4 0 -5.5 -3 L5 13.5 a1.5 1.5 0 0 1 2 -1.5Z"/>@break
        @case('clear-first')<path d="M3 8 H21 M3 15 H21 M6 4 V20 M18 4 V20 M6 15 L18 8"/>@break
        @case('never')<path d="M12 3 C15 8 18 11 18 15 a6 6 0 0 1 -12 0 C6 11 9 8 12 3Z"/><path d="M4 4 L20 21"/>@break
    @endswitch
</svg>
