@props(['handbook', 'only' => null])
{{-- The steps of the scales, drawn once a page; a mesh's soil covers exactly the step's share. --}}
<svg class="symbols" aria-hidden="true" focusable="false"><clipPath id="mesh-window"><circle r="50"/>
    </clipPath>{!! App\View\Drawing\ScaleSymbols::of(array_values($only === null ? $handbook->scales()->all()
    : array_intersect_key($handbook->scales()->all(), array_flip($only)))) !!}</svg>
