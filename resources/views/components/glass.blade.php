@props(['wear' => 0.0, 'size' => 56, 'unknown' => false])
@php($glass = new App\View\Drawing\CloudyGlass($wear))
@php($id = 'g-'.Str::random(6))
{{-- The cloudy glass: silt at the copper tick means it is time. Words always stand beside it. --}}
<svg {{ $attributes->class(['glass', 'glass--'.$size]) }} viewBox="0 0 48 58" aria-hidden="true" focusable="false">
    @if ($unknown)
        <path class="ink-line" stroke-dasharray="4 4.5" d="M8 5 L12.4 53 Q12.5 54.5 14 54.5 H34 Q35.5 54.5 35.6 53 L40 5"/>
        <text class="in-ink" x="24" y="38" text-anchor="middle" font-size="22" font-weight="700">?</text>
    @else
        <clipPath id="{{ $id }}"><path d="M8 5 L12.5 54 H35.5 L40 5Z"/></clipPath>
        <g clip-path="url(#{{ $id }})">
            <rect class="in-thin-water" x="6" y="13" width="36" height="42"/>
            <rect class="in-silt-1" x="6" y="13" width="36" height="42" opacity="{{ round(0.72 * $glass->cloud, 2) }}"/>
            <path class="in-silt-2" d="{{ $glass->layer($glass->silt) }}"/>
            <path class="in-silt-3" d="{{ $glass->layer($glass->sludge) }}"/>
            @foreach ($glass->motes as $mote)
                <circle class="in-silt-3" cx="{{ $mote['x'] }}" cy="{{ $mote['y'] }}" r="{{ $mote['r'] }}"/>
            @endforeach
            <path class="rim-line w-thin" d="M8 13 H40" opacity="0.55"/>
        </g>
        <path class="ink-line" d="M8 5 L12.4 53 Q12.5 54.5 14 54.5 H34 Q35.5 54.5 35.6 53 L40 5"/>
        <path class="copper-line" d="M4 27 H14.5"/>
    @endif
</svg>
