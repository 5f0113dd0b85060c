@props(['sheet', 'step', 'machine', 'round'])
{{-- How the part that a step takes off or puts back is held on this machine. --}}
<div class="step__apart">
    <x-drawing.hold :by="$sheet->holding->by"/>
    <div>
        <h2>On your {{ $machine->name }}</h2>
        @if ($step->takesOff && $sheet->lines)<ol>@foreach ($sheet->lines as $each)<li>{{ $each }}</li>@endforeach</ol>@endif
        @if ($sheet->comesAlong())<p>{{ $step->takesOff ? 'Comes along' : 'Goes back with it' }}:
            <strong>{{ implode(', ', $sheet->inFull()) }}</strong>.</p>@endif
        @if ($sheet->holding->way)<p>{{ $sheet->holding->way }}</p>@endif
        @if ($sheet->own->note)<p class="own-note">“{{ $sheet->own->note }}”</p>@endif
        @if ($sheet->own->photo)<div class="photos">
            <img src="{{ route('photos.show', $sheet->own->photo) }}"
            alt="Your picture of how the {{ mb_strtolower($sheet->name) }} is held"></div>@endif
        <p class="mb-0 small">
            <a href="{{ route('machines.apart.edit', [$machine, $sheet->part, 'round' => $round->id]) }}">Mine is different</a></p>
    </div>
</div>
