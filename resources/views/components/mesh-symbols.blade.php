@props(['handbook'])
{{-- The five meshes, drawn once a page; the soil covers exactly the grade's share. --}}
<svg class="symbols" aria-hidden="true" focusable="false"><clipPath id="mesh-window"><circle r="50"/></clipPath>{!! App\View\Drawing\MeshSoil::symbols($handbook->grades()) !!}</svg>
