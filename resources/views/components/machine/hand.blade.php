@props(['pose'])
{{-- A hand: `grip` closes on something below it, `palm` lies flat under it, `press` pushes with the thumb to the left. --}}
@switch($pose)
    @case('grip')
        <path class="hand" d="M112 6 L92 14 Q74 16 62 26 Q50 36 45 50 Q43 57 48 59 Q53 60 55 54 Q59 44 67 38 Q62 48 60 57 Q59 64 64 65
            Q69 65 71 58 Q74 47 82 40 Q79 49 78 57 Q78 63 82 63 Q87 63 88 57 Q91 45 97 40 Q104 36 118 32"/>
        <path class="hand" d="M62 26 Q54 26 46 30 Q36 34 30 42 Q27 47 31 50 Q35 52 39 47 Q44 41 52 39"/>
        @break
    @case('palm')
        <path class="hand" d="M118 44 L96 40 Q84 34 74 34 Q62 34 50 36 L20 38 Q13 39 13 43 Q13 47 20 47 L52 46 Q30 50 22 52 Q17 54 19 57
            Q21 60 27 59 L60 54 Q48 58 42 61 Q38 64 41 66 Q44 68 50 66 L78 60 Q92 58 100 60 L118 62"/>
        <path class="hand" d="M74 34 Q66 26 58 22 Q52 20 50 24 Q49 27 54 30 Q60 34 64 40"/>
        @break
    @default
        <path class="hand" d="M118 20 L98 22 Q88 18 76 20 L44 28 Q34 31 33 38 Q33 45 42 45 L66 42 Q60 48 62 54 Q56 58 60 64 Q62 70 74 70
            L96 68 L118 70"/>
        <path class="hand" d="M62 54 Q70 56 84 54 M60 64 Q70 66 82 64 M66 42 Q76 42 86 40"/>
@endswitch
