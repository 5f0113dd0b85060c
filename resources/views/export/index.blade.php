<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $machine->name ?? $household->name }}</title>
    <style>
        body { font: 16px/1.5 system-ui, sans-serif; max-width: 60rem; margin: 2rem auto; padding: 0 1rem; color: #17353c; }
        table { border-collapse: collapse; width: 100%; }
        th, td { text-align: left; padding: .3rem .6rem; border-bottom: 1px solid #d5dfe3; }
        td:first-child { white-space: nowrap; } img { max-width: 12rem; max-height: 12rem; margin: .3rem; }
    </style>
</head>
<body>
<h1>{{ $machine->name ?? $household->name }}</h1>
<h2>{{ __('exchange.page.machines') }}</h2>
<table>
    @foreach ($machines as $each)
        <tr><td>{{ $each->name }}</td><td>{{ $each->place }}</td><td>{{ trim("$each->model $each->serial") }}</td></tr>
    @endforeach
</table>
<h2>{{ __('exchange.page.due') }}</h2>
<table>
    @foreach ($rhythms as [$of, $task, $due])
        <tr><td>{{ $due }}</td><td>{{ $of }}</td><td>{{ $task }}</td></tr>
    @endforeach
</table>
<h2>{{ __('exchange.page.logbook') }}</h2>
<table>
    @foreach ($lines as [$day, $time, $of, $what, $by])
        <tr><td>{{ $day }} {{ $time }}</td><td>{{ $of }}</td><td>{{ $what }}</td><td>{{ $by }}</td></tr>
    @endforeach
</table>
@if ($files)
    <h2>{{ __('exchange.page.files') }}</h2>
    <p>
        @foreach ($files as $file)
            <a href="files/{{ $file }}">@if (str_ends_with($file, '.pdf')){{ $file }}@else
                <img src="files/{{ $file }}" alt="" loading="lazy">@endif</a>
        @endforeach
    </p>
@endif
</body>
</html>
