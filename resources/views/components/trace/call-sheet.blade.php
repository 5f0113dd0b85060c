@props(['trace', 'names', 'told', 'steps', 'suspects', 'machine', 'household', 'lately', 'ruledOut' => []])
@use('App\View\Words\Dates')
@use('GoodRinse\Core\Quantity\Day')
<p>{{ $machine->name }}{{ $machine->place ? ', '.$machine->place : '' }}. Model: {{ $machine->model
    ?? '______________' }}. Serial: {{ $machine->serial ?? '______________' }}.{{ $machine->model && $machine->serial ? ''
    : ' Both stand on its rating label.' }}
    @if ($machine->bought_on) Bought {{ Dates::day($machine->boughtOn()) }}.@endif
    @if ($machine->warranty_until) Warranty until {{ Dates::day($machine->warrantyUntil()) }}.@endif</p>
<h2>What is noticed</h2>
<p>{{ implode('; ', $names) }}. First looked into on {{ Dates::day(Day::at($trace->begun_at, $household->zone())) }}.@if ($trace->display)
    <strong>{{ __('traces.displayed', ['display' => $trace->display]) }}</strong>@endif</p>
<h2>Seen, measured, tried</h2>
@if ($told || $steps)
    <ul>@foreach ([...$told, ...$steps] as $said)<li>{{ $said }}</li>@endforeach</ul>
@else
    <p>Nothing yet.</p>
@endif
<h2>What it may be</h2>
<table class="plain">@foreach ($suspects as $suspect)<tr><th scope="row">{{ $suspect['name'] }}</th><td>{{ $suspect['chance'] }}</td></tr>
    @endforeach</table>
@if ($ruledOut)
    <h2>As good as ruled out</h2>
    <p>{{ implode('; ', $ruledOut) }}.</p>
@endif
@if ($lately)
    <h2>Done to it lately</h2>
    <ul>@foreach ($lately as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
