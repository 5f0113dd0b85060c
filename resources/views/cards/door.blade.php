@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <title>{{ __('views/cards/door.door_card', ['machine' => $machine->name]) }}</title>
    <style>
        @page { margin: 9mm 12mm; }
        body { font: 8.2pt/1.2 Text, 'DejaVu Sans', sans-serif; color: #12333c; }
        h1 { font: bold 20pt/1.1 Display; margin: 0; }
        h2 { font: bold 11pt/1.2 Display; margin: 2.6mm 0 0.8mm; border-bottom: 1.2pt solid #2e5e8f; padding-bottom: 1mm; }
        p { margin: 0 0 1.5mm; }
        table { width: 100%; border-collapse: collapse; }
        td, th { text-align: left; vertical-align: top; padding: 0.45mm 2mm 0.35mm 0; border-bottom: 0.4pt solid #c9d8e4; }
        th { font-weight: bold; width: 18%; }
        ol, ul { margin: 0; padding-left: 5mm; }
        .muted { color: #4b646b; }
        .cautions td { width: 33%; border: 0; padding: 0 4mm 1mm 0; font-size: 7.2pt; }
        .caution { color: #8b1f33; font-weight: bold; }
    </style>
</head>
<body>
    <h1>{{ $machine->name }}</h1>
    <p class="muted">{{ __('views/cards/door.printed_for', ['traits' => implode(' · ', array_filter([$kind->name, $machine->place,
        ...$kind->distinguishing($machine->traits)])), 'day' => Dates::day($today), 'name' => $household->name]) }}</p>

    <h2>{{ __('views/cards/door.rhythm') }}</h2>
    <table>
        @foreach (array_chunk($tasks, 2) as $pair)
            <tr>@foreach ($pair as $task)<th>{{ $task->name() }}</th><td>{{
                __('views/cards/door.every', ['clocks' => Uses::intervals($task->rhythm()->clocks),
                    'due_on' => $task->neverOpened() ? __('views/cards/door.look_once') : ($task->rhythm()->dueOn
                        ? __('views/cards/door.next').' '.Dates::short($task->rhythm()->dueOn, $today) : '')]) }}</td>
                @endforeach</tr>
        @endforeach
    </table>

    @if ($amounts)
        <h2>{{ __('views/cards/door.amounts') }}</h2>
        <table>@foreach ($amounts as [$name, $lines])<tr><th>{{ $name }}</th><td>{{ implode('; ', $lines) }}</td></tr>@endforeach</table>
    @endif

    @if ($apart)
        <h2>{{ __('views/cards/door.comes_apart_in_this_order_goes') }}</h2>
        <ol>@foreach ($apart as [$name, $lines])<li><strong>{{ $name }}.</strong> {{ implode(' ', $lines) }}</li>@endforeach</ol>
    @endif

    <h2>{{ __('views/cards/door.cautions') }}</h2>
    <table class="cautions">
        @foreach (array_chunk($cautions, 3) as $pair)
            <tr>@foreach ($pair as $caution)<td><span class="caution">{{ $caution->title }}.</span> {{ $caution->text }}</td>@endforeach
                </tr>
        @endforeach
    </table>
</body>
</html>
