<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>Call sheet, {{ $machine->name }}</title>
    <x-round.pdf-style/>
</head>
<body>
    <p class="muted">Call sheet · {{ $household->name }}</p>
    <h1>{{ $machine->name }}: {{ mb_strtolower($names[0]) }}</h1>
    <x-trace.call-sheet :trace="$trace" :names="$names" :told="$told" :steps="$steps" :suspects="$suspects" :machine="$machine"
        :household="$household" :lately="$lately" :ruled-out="$ruledOut"/>
</body>
</html>
