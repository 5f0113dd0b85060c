@props(['crust'])
{{-- A kettle cut open, with so much lime on its floor. --}}
@if ($crust)<path class="in-silt-1" d="M25 {{ 64 - $crust }} Q36 {{ 60 - $crust }} 46 {{ 64 - $crust }} T67 {{ 63 - $crust }}
    L68 64 H24Z"/>@endif
<path class="ink-line" d="M28 22 H64 L70 66 H22Z M28 22 L18 28 M34 22 Q34 12 46 12 Q58 12 58 22"/>
<path class="rim-line w-light" d="M27 36 H65"/>
