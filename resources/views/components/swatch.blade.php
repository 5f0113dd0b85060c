@props(['grade', 'size' => 56])
{{-- One of the five meshes a real filter is held against; the soil covers exactly the grade's share. --}}
<svg {{ $attributes->class(['swatch', 'swatch--'.$size]) }} viewBox="-54 -54 108 108" aria-hidden="true" focusable="false">
    @php($id = 'm-'.Str::random(6))
    <clipPath id="{{ $id }}"><circle r="50"/></clipPath>
    <circle class="light" r="50"/>
    <g clip-path="url(#{{ $id }})">
        <path class="mesh" d="{{ App\View\Drawing\MeshSoil::GRID }}"/>
        @if ($grade->fraction->value > 0)<path class="soil" d="{{ App\View\Drawing\MeshSoil::path($grade->fraction) }}"/>@endif
    </g>
    <circle class="hoop" r="50"/>
</svg>
