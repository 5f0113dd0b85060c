<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ __('places/retired.service_record') }}, {{ $machine->name }}</title>
    <x-round.pdf-style/>
</head>
<body>
    <p class="muted">{{ __('places/retired.service_record') }} · {{ $household->name }}</p>
    <h1>{{ $machine->name }}</h1>
    <p>{{ $kindName }}{{ $left ? '. '.$left : '' }}. {{ __('places/retired.printed', ['day' => $today]) }}.</p>
    @if ($facts)
        <h2>{{ __('places/retired.what') }}</h2>
        <table>@foreach ($facts as [$what, $words])<tr><th>{{ $what }}</th><td>{{ $words }}</td></tr>@endforeach</table>
    @endif
    <h2>{{ __('places/retired.lines') }}</h2>
    @if ($lines)
        <table>@foreach ($lines as [$day, $words])<tr><th style="width: 16%">{{ $day }}</th><td>{{ $words }}</td></tr>@endforeach</table>
    @else
        <p>{{ __('places/retired.no_lines') }}</p>
    @endif
</body>
</html>
