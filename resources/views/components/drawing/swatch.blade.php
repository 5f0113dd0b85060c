@props(['grade', 'size' => 56])
{{-- A drawn step of a scale that the real part is held against. The page holds <x-drawing.scale-symbols/> once. --}}
<svg {{ $attributes->class(['swatch', 'swatch--'.$size]) }} aria-hidden="true" focusable="false"><use href="#grade-{{ $grade->id }}"/></svg>
