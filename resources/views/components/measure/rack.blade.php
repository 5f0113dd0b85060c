@props(['arm', 'live' => false])
{{-- The rack from above: what gets water, what stays dull, the arm with its jets on top. --}}
<svg class="rack" viewBox="-106 -106 212 212" role="img"
    aria-label="{{ $arm->state->template->name }}: {{ implode(' ', $arm->sentences) }}">
    <circle class="rack__dull" r="100"/>
    <path class="rack__wet" fill-rule="evenodd" d="{{ $arm->drawing->wet() }}" @if ($live) x-ref="wet" @endif/>
    <g class="rack__rings" @if ($live) x-ref="rings" @endif>
        @foreach ($arm->state->rings as $ring)<circle r="{{ $ring['to'] * 100 }}"/>@endforeach
    </g>
    <g class="rack__arm" transform="rotate({{ $arm->drawing->turn() }})" @if ($live) x-ref="bar" @endif>
        <rect class="rack__bar" x="-98" y="-7" width="196" height="14" rx="7"/>
        <circle class="rack__hub" r="9"/>
        <g @if ($live) x-ref="dots" @endif>
            @foreach ($arm->drawing->jets() as $jet)<use href="#jet-{{ $jet['state'] }}" width="{{ $jet['r'] * 2 }}"
                height="{{ $jet['r'] * 2 }}"
                x="{{ $jet['x'] - $jet['r'] }}" y="{{ -$jet['r'] }}"/>@endforeach
        </g>
    </g>
</svg>
