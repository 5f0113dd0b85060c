@php
    use App\View\Words\Dates;
    $day = GoodRinse\Core\Quantity\Day::at($round->started_at, $household->zone());
    $folder = config('good-rinse.photos');
@endphp
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Service record, {{ $machine->name }}, {{ Dates::day($day) }}</title>
    <style>
        @page { margin: 14mm 15mm; }
        body { font: 9.5pt/1.4 'DejaVu Sans', sans-serif; color: #12333c; }
        h1 { font-size: 19pt; margin: 0; }
        h2 { font-size: 11.5pt; margin: 5mm 0 1.5mm; border-bottom: 1.2pt solid #2e5e8f; padding-bottom: 1mm; }
        p { margin: 0 0 2mm; }
        ul { margin: 0; padding-left: 5mm; }
        table { width: 100%; border-collapse: collapse; }
        td, th { text-align: left; vertical-align: top; padding: 0.7mm 2mm 0.7mm 0; border-bottom: 0.4pt solid #c9d8e4; font-size: 8.8pt; }
        th { width: 28%; }
        .muted { color: #4b646b; }
        .hazard { color: #8b1f33; }
        .photos img { height: 48mm; margin: 1mm 2mm 1mm 0; }
    </style>
</head>
<body>
    <p class="muted">Service record · {{ $household->name }}</p>
    <h1>{{ $machine->name }}, {{ Dates::day($day) }}</h1>
    <p>{{ $procedure->name }}, {{ Dates::time($round->started_at, $household->zone()) }}{{ $round->ended_at ? '–'.Dates::time($round->ended_at, $household->zone()) : ', still going on' }}{{ $stopped ? ', stopped half-way' : '' }}. {{ implode(' · ', array_filter([$kind->name, $machine->place])) }}.</p>
    @if ($round->leftOpen())<p class="hazard"><strong>{{ $round->settled_at ? 'Was left open, put right since' : 'Left open' }}:</strong> {{ App\Support\OpenEndWords::list($round, $round->leftOpen()) }}.</p>@endif
    <x-record-body :opened="$opened" :took="$took" :agents="$agents" :fitted="$fitted" :findings="$findings" :grease="$grease" :steps="$steps" :household="$household"/>
    @if ($photos)
        <h2>Pictures</h2>
        <p class="photos">@foreach ($photos as [$photo, $moment])@if (is_file("$folder/$photo->file"))<img src="data:image/jpeg;base64,{{ base64_encode((string) file_get_contents("$folder/$photo->file")) }}" alt="{{ $moment }}">@endif @endforeach</p>
    @endif
</body>
</html>
