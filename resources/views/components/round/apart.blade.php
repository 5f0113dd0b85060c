@props(['sheet', 'step', 'machine', 'round'])
{{-- How the part that a step takes off or puts back is held on this machine. --}}
<div class="step__apart">
    <x-machine.part :part="$sheet->part" :by="$sheet->holding->by" :pieces="$sheet->smallPieces()"
        :back="! $step->takesOff"/>
    <div>
        <h2>{{ __('views/components/round/apart.on_your', ['machine' => $machine->name]) }}</h2>
        @if ($step->takesOff && $sheet->lines)<ol>@foreach ($sheet->lines as $each)<li>{{ $each }}</li>@endforeach</ol>@endif
        @if ($sheet->comesAlong())<p>{{ $step->takesOff
            ? __('views/components/round/apart.comes_along') : __('views/components/round/apart.goes_back_with_it') }}:
            <strong>{{ implode(', ', $sheet->inFull()) }}</strong>.</p>@endif
        @if ($sheet->holding->way)<p>{{ $sheet->holding->way }}</p>@endif
        @if ($sheet->own->note)<p class="own-note">“{{ $sheet->own->note }}”</p>@endif
        @if ($sheet->own->photo)<div class="photos">
            <img src="{{ route('photos.show', $sheet->own->photo) }}"
            alt="{{ __('views/components/round/apart.your_picture_of_how_the_is', ['sheet' => mb_strtolower($sheet->name)]) }}"></div>@endif
        <p class="mb-0 small">
            <a href="{{ route('machines.apart.edit', [$machine, $sheet->part, 'round' => $round->id]) }}">{{
                __('views/components/round/apart.mine_is_different') }}</a></p>
    </div>
</div>
