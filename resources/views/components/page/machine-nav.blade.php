@props(['machines', 'current' => null, 'url'])
{{-- The household's machines to choose from; where there are many, those beyond the first lie folded. --}}
@php
    $links = [...$machines];
    usort($links, fn ($a, $b) => ($b->id === $current) <=> ($a->id === $current));
    [$open, $folded] = count($links) > 9 ? [array_slice($links, 0, 7), array_slice($links, 7)] : [[...$machines], []];
@endphp
@foreach ($open as $each)<a class="push" href="{{ $url($each) }}" @if ($each->id === $current) aria-current="true"
    @endif>{{ $each->name }}</a>@endforeach
@if ($folded)
    <details class="filters__more"><summary class="push">{{ count($folded) }} more</summary><div class="filters mb-0">
        @foreach ($folded as $each)<a class="push" href="{{ $url($each) }}">{{ $each->name }}</a>@endforeach</div></details>
@endif
