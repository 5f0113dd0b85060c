@props(['grade', 'size' => 56])
{{-- One of the five meshes a real filter is held against. The page holds <x-mesh-symbols/> once. --}}
<svg {{ $attributes->class(['swatch', 'swatch--'.$size]) }} aria-hidden="true" focusable="false"><use href="#mesh-{{ $grade->id }}"/></svg>
