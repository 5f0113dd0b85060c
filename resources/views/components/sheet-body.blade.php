@props(['trace', 'names', 'told', 'steps', 'suspects', 'machine', 'household', 'today', 'trouble'])
@php
    use App\View\Words\Dates;
    use GoodRinse\Core\Quantity\Day;
@endphp
<h2>What is noticed</h2>
<p>{{ implode('; ', $names) }}. First looked into on {{ Dates::day(Day::at($trace->begun_at, $household->zone())) }}.</p>
<h2>Seen, measured, tried</h2>
@if ($told || $steps)
    <ul>@foreach ([...$told, ...$steps] as $said)<li>{{ $said }}</li>@endforeach</ul>
@else
    <p>Nothing yet.</p>
@endif
<h2>What it may be</h2>
<table>@foreach ($suspects as $suspect)<tr><th scope="row">{{ $suspect['name'] }}</th><td>{{ $suspect['chance'] }}</td></tr>@endforeach</table>
<h2>The machine</h2>
<p>{{ $machine->name }}{{ $machine->place ? ', '.$machine->place : '' }}. Model: ______________ Serial: ______________ (on its rating label)</p>
