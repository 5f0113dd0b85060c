<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ __('views/rounds/record-pdf.service_record', ['machine' => $machine->name, 'day' => $data->day()]) }}</title>
    <x-round.pdf-style/>
</head>
<body>
    <p class="muted">{{ __('views/rounds/record-pdf.service_record_2', ['name' => $household->name]) }}</p>
    <h1>{{ $machine->name }}, {{ $data->day() }}</h1>
    <p>{{ $procedure->name }}, {{ $data->span() }}. {{ $data->kindAndPlace() }}.</p>
    @if ($round->leftOpen())<p
        class="hazard"><strong>{{ $round->settled_at
            ? __('views/rounds/record-pdf.was_left_open_put_right_since') : __('views/rounds/record-pdf.left_open') }}:</strong>
        {{ App\Care\Words\OpenEndWords::list($round, $round->leftOpen()) }}.</p>@endif
    <x-round.record-body :opened="$opened" :took="$took" :agents="$agents" :fitted="$fitted" :findings="$findings" :grease="$grease"
        :steps="$steps" :household="$household"/>
    @if ($photos)
        <h2>{{ __('views/rounds/record-pdf.pictures') }}</h2>
        <p class="photos">@foreach ($photos as [$photo, $moment])@if ($picture = $data->picture($photo))<img
            src="{{ $picture }}" alt="{{ $moment }}">@endif
            @endforeach</p>
    @endif
</body>
</html>
