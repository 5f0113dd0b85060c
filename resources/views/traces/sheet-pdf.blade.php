<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ __('views/traces/sheet-pdf.call_sheet', ['machine' => $machine->name]) }}</title>
    <x-round.pdf-style/>
    <style>h1 { font-size: 15pt; } h2 { margin: 3.5mm 0 1mm; } th { width: 62%; font-weight: normal; } .photos img { height: 40mm; }</style>
</head>
<body>
    <p class="muted">{{ __('views/traces/sheet-pdf.call_sheet_2', ['name' => $household->name]) }}</p>
    <h1>{{ $machine->name }}: {{ mb_strtolower($names[0]) }}</h1>
    <x-trace.call-sheet :trace="$trace" :names="$names" :told="$told" :steps="$steps" :suspects="$suspects" :machine="$machine"
        :household="$household" :lately="$lately" :ruled-out="$ruledOut"/>
    @if ($picture = $photo?->embedded())<p class="photos"><img src="{{ $picture }}" alt=""></p>@endif
</body>
</html>
