@use('App\View\Words\Dates')
@php
    $day = GoodRinse\Core\Quantity\Day::at($round->started_at, $household->zone());
    $folder = config('good-rinse.photos');
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Service record, {{ $machine->name }}, {{ Dates::day($day) }}</title>
    <x-round.pdf-style/>
</head>
<body>
    <p class="muted">Service record · {{ $household->name }}</p>
    <h1>{{ $machine->name }}, {{ Dates::day($day) }}</h1>
    <p>{{ $procedure->name }}, {{ Dates::time($round->started_at, $household->zone()) }}{{ $round->ended_at
        ? '–'.Dates::time($round->ended_at, $household->zone()) : ', still going on' }}{{ $stopped ? ', stopped half-way'
        : '' }}. {{ implode(' · ', array_filter([$kind->name, $machine->place])) }}.</p>
    @if ($round->leftOpen())<p class="hazard"><strong>{{ $round->settled_at ? 'Was left open, put right since' : 'Left open' }}:</strong>
        {{ App\Care\Words\OpenEndWords::list($round, $round->leftOpen()) }}.</p>@endif
    <x-round.record-body :opened="$opened" :took="$took" :agents="$agents" :fitted="$fitted" :findings="$findings" :grease="$grease"
        :steps="$steps" :household="$household"/>
    @if ($photos)
        <h2>Pictures</h2>
        <p class="photos">@foreach ($photos as [$photo, $moment])@if (is_file("$folder/$photo->file"))<img
            src="data:image/jpeg;base64,{{ base64_encode((string) file_get_contents("$folder/$photo->file")) }}" alt="{{ $moment }}">@endif
            @endforeach</p>
    @endif
</body>
</html>
