@props(['trace', 'names', 'told', 'steps', 'suspects', 'machine', 'household', 'lately', 'ruledOut' => []])
@use('App\View\Words\Dates')
@use('GoodRinse\Core\Quantity\Day')
<p>{{ __('views/components/trace/call-sheet.model_serial', ['machine' => $machine->name,
    'place' => $machine->place ? ', '.$machine->place : '', 'model' => $machine->model
    ?? '______________', 'serial' => $machine->serial ?? '______________', 'what' => $machine->model && $machine->serial ? ''
    : ' '.__('views/components/trace/call-sheet.both_stand_on_its_rating_label')]) }}
    @if ($machine->bought_on) {{
        __('views/components/trace/call-sheet.bought', ['bought_on' => Dates::day($machine->boughtOn())]) }}@endif
    @if ($machine->warranty_until) {{
        __('views/components/trace/call-sheet.warranty_until', ['warranty_until' => Dates::day($machine->warrantyUntil())]) }}@endif</p>
<h2>{{ __('views/components/trace/call-sheet.what_is_noticed') }}</h2>
<p>{{ __('views/components/trace/call-sheet.first_looked_into_on', ['names' => implode('; ', $names),
    'begun_at' => Dates::day(Day::at($trace->begun_at, $household->zone()))]) }}@if ($trace->display)
    <strong>{{ __('traces.displayed', ['display' => $trace->display]) }}</strong>@endif</p>
<h2>{{ __('views/components/trace/call-sheet.seen_measured_tried') }}</h2>
@if ($told || $steps)
    <ul>@foreach ([...$told, ...$steps] as $said)<li>{{ $said }}</li>@endforeach</ul>
@else
    <p>{{ __('views/components/trace/call-sheet.nothing_yet') }}</p>
@endif
<h2>{{ __('views/components/trace/call-sheet.what_it_may_be') }}</h2>
<table class="plain">@foreach ($suspects as $suspect)<tr><th scope="row">{{ $suspect['name'] }}</th><td>{{ $suspect['chance'] }}</td></tr>
    @endforeach</table>
@if ($ruledOut)
    <h2>{{ __('views/components/trace/call-sheet.as_good_as_ruled_out') }}</h2>
    <p>{{ implode('; ', $ruledOut) }}.</p>
@endif
@if ($lately)
    <h2>{{ __('views/components/trace/call-sheet.done_to_it_lately') }}</h2>
    <ul>@foreach ($lately as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
