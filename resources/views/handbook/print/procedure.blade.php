<h4>{{ $procedure->name }}</h4>
<p>{{ strtr($procedure->does, $each->words) }} {{ $procedure->why }}</p>
@unless ($procedure->when->isEmpty())
<p class="only">Only where: {{ $each->only($procedure->when) }}</p>
@endunless
<ol>
@foreach ($procedure->steps as $step)
<li><strong>{{ strtr($step->title, $each->words) }}</strong> {{ strtr($step->instruction, $each->words) }}
@foreach ($step->amounts as $amount)
    <br>{{ $amount->portion->inKitchen(GoodRinse\Core\Quantity\Measures::Metric) }}
    {{ $handbook->agent($amount->agent)->name }}@if ($amount->strength), {{ $amount->strength }}
    %@endif{{ $rules->vessel($amount->vessel)->own ? '' : ', in the '.$rules->vessel($amount->vessel)->name }}.
@endforeach
@if ($step->timer)
    <br>{{ $step->timer->label }}: {{ App\View\Words\Uses::minutes($step->timer->lasts([])->value) }}@if ($step->timer->most),
    never more than {{ (int) $step->timer->most->value }}@endif. {{ $step->timer->late }}
@endif
@if ($step->capture)
    <br>{{ $step->capture->ask === $step->title ? '' : $step->capture->ask }}
    {{ implode(' · ', array_column($step->capture->options, 'name')) }}
@endif
@if ($step->tools)
    <br>Tools: {{ strtr(implode(', ', array_map($handbook->kitName(...), $step->tools)), $each->words) }}.
@endif
@unless ($step->when->isEmpty())
    <br><span class="only">Only where: {{ $each->only($step->when) }}</span>
@endunless
@unless ($step->if->isEmpty())
    <br><span class="only">Only after: {{ $each->only($step->if, $procedure) }}</span>
@endunless
@foreach ($step->cautions as $id)
    <p class="caution"><strong>{{ $handbook->caution($id)->title }}.</strong> {{ $handbook->caution($id)->text }}</p>
@endforeach
</li>
@endforeach
</ol>
@if ($procedure->ends)
<p>When you finish: {{ implode(' ', $procedure->ends) }}</p>
@endif
