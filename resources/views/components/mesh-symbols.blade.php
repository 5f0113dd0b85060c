@props(['handbook'])
{{-- The five meshes, drawn once a page; the soil covers exactly the grade's share. --}}
<svg class="symbols" aria-hidden="true" focusable="false">
    <clipPath id="mesh-window"><circle r="50"/></clipPath>
    @foreach ($handbook->grades() as $grade)
        <symbol id="mesh-{{ $grade->id }}" viewBox="-54 -54 108 108">
            <circle class="mesh-light" r="50"/>
            <g clip-path="url(#mesh-window)"><path class="mesh-wire" d="{{ App\View\Drawing\MeshSoil::GRID }}"/>@if ($grade->fraction->value > 0)<path class="mesh-soil" d="{{ App\View\Drawing\MeshSoil::path($grade->fraction) }}"/>@endif</g>
            <circle class="mesh-hoop" r="50"/>
        </symbol>
    @endforeach
</svg>
