<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Good Rinse: the whole handbook</title>
<style>
    body { font: 11pt/1.45 "DejaVu Sans", sans-serif; color: #1d2b2f; max-width: 46em; margin: 2em auto; padding: 0 1em; }
    h1 { font-size: 22pt; } h2 { font-size: 17pt; border-bottom: 2px solid #1d2b2f; margin-top: 2em; page-break-before: always; }
    h3 { font-size: 13pt; margin-top: 1.6em; } h4 { font-size: 11pt; margin: 1em 0 .2em; }
    p, li { margin: .25em 0; } .only { color: #55666b; font-style: italic; } .caution { border-left: 3px solid #a3301f; padding-left: .6em; }
    table { border-collapse: collapse; width: 100%; } td, th { text-align: left; vertical-align: top; padding: .2em .6em .2em 0; border-bottom: 1px solid #c7d0d2; }
</style>
</head>
<body>
<h1>The whole handbook</h1>
<p>Everything Good Rinse knows about the job, for somebody who checks it from start to end. It is made from the files in
    <code>handbook/</code> by <code>php artisan handbook:print</code>; change it there.</p>
<ol>@foreach ($kinds as $each)<li><a href="#{{ $each->kind->id }}">{{ $each->kind->name }}</a></li>@endforeach
<li><a href="#keep-apart">What may meet what</a></li><li><a href="#doses">Hardness and doses</a></li>
<li><a href="#scales">What parts are compared with</a></li><li><a href="#questions">Where practitioners differ</a></li></ol>
@foreach ($kinds as $each)
<h2 id="{{ $each->kind->id }}">{{ $each->kind->name }}</h2>
<h3>What is asked about it</h3>
<table>
@foreach ($each->kind->traits() as $trait)<tr><td>{{ $trait->ask }} @if ($trait->hint)<br><span class="only">{{ $trait->hint }}</span>@endif</td>
<td>{{ $trait->number ? "{$trait->number->least} to {$trait->number->most} $trait->unit; until told, $trait->default" : implode(' · ', array_column($trait->options, 'name')) }}</td></tr>
@endforeach
</table>
<h3>Parts</h3>
<table>
@foreach ($each->kind->parts() as $part)<tr><td>{{ Str::ucfirst($part->name([])) }}
@unless ($part->when->isEmpty())<br><span class="only">Only where: {{ $each->only($part->when) }}</span>@endunless</td>
<td>{{ $part->look }} @if ($part->comesOff([])){{ strtr(implode(' ', $part->comesOff([])), $each->words) }}@endif</td></tr>
@endforeach
</table>
<h3>Care tasks</h3>
@foreach ($each->kind->tasks() as $task)
<h4>{{ $task->name }}</h4>
<p>@foreach ($task->clocks as $clock){{ $loop->first ? 'Between ' : ', or between ' }}{{ $clock->least }} and {{ $clock->most }} {{ strtr($clock->unit, '-', ' ') }}@endforeach.</p>
<ul>@foreach ($task->schools as $school)<li>{{ $school->name }}{{ $school->id === $task->school(null)->id ? ', our own' : '' }}. {{ $school->who }}</li>@endforeach</ul>
@endforeach
<h3>Procedures</h3>
@foreach ($each->procedures as $procedure)
<h4>{{ $procedure->name }}</h4>
<p>{{ strtr($procedure->does, $each->words) }} {{ $procedure->why }}</p>
@unless ($procedure->when->isEmpty())<p class="only">Only where: {{ $each->only($procedure->when) }}</p>@endunless
<ol>
@foreach ($procedure->steps as $step)
<li><strong>{{ strtr($step->title, $each->words) }}</strong> {{ strtr($step->say, $each->words) }}
@foreach ($step->amounts as $amount)<br>{{ $amount->portion->inKitchen(GoodRinse\Core\Quantity\Measures::Metric) }} {{ $handbook->agent($amount->agent)->name }}{{ $amount->strength ? ", $amount->strength %" : '' }}, into the {{ $rules->vessel($amount->vessel)->name }}.@endforeach
@if ($step->timer)<br>{{ $step->timer->label }}: {{ App\View\Words\Uses::minutes($step->timer->lasts([])->value) }}{{ $step->timer->most ? ', never more than '.(int) $step->timer->most->value : '' }}. {{ $step->timer->late }}@endif
@if ($step->capture)<br>{{ $step->capture->ask === $step->title ? '' : $step->capture->ask }} {{ implode(' · ', array_column($step->capture->options, 'name')) }}@endif
@if ($step->tools)<br>Tools: {{ strtr(implode(', ', array_map($handbook->kitName(...), $step->tools)), $each->words) }}.@endif
@unless ($step->when->isEmpty())<br><span class="only">Only where: {{ $each->only($step->when) }}</span>@endunless
@unless ($step->if->isEmpty())<br><span class="only">Only after: {{ $each->only($step->if, $procedure) }}</span>@endunless
@foreach ($step->cautions as $id)<p class="caution"><strong>{{ $handbook->caution($id)->title }}.</strong> {{ $handbook->caution($id)->text }}</p>@endforeach
</li>
@endforeach
</ol>
@if ($procedure->ends)<p>When you finish: {{ implode(' ', $procedure->ends) }}</p>@endif
@endforeach
@if ($each->faults)
<h3>When something is wrong</h3>
<p class="only">{{ $each->faults->basis }}</p>
@foreach ($each->faults->symptoms as $symptom)
<h4>{{ $symptom->name }}</h4>
@if ($symptom->now)<p class="caution"><strong>At once.</strong> {{ $symptom->now }}</p>@endif
<ul>@foreach ($each->causes($symptom) as $cause)<li>{{ $cause->name }}{{ $cause->hazard ? ' (hazard)' : '' }} @unless ($cause->when->isEmpty())<span class="only">only where: {{ $each->only($cause->when) }}</span>@endunless</li>@endforeach</ul>
@endforeach
<h4>Ways to find out</h4>
<ul>@foreach ($each->faults->checks as $check)<li><strong>{{ $check->name }}</strong> {{ $check->how }} <span class="only">{{ $check->minutes }} min: {{ implode(' · ', array_column($check->results, 'name')) }}</span></li>@endforeach</ul>
<h4>Ways to mend it</h4>
<ul>@foreach ($each->faults->actions as $action)<li><strong>{{ $action->name }}</strong> {{ $action->how }} <span class="only">{{ $action->minutes }} min; helps against {{ implode(', ', array_map(fn ($id) => $each->faults->causes[$id]->name.' '.round(100 * $action->fixes[$id]).' %', array_keys($action->fixes))) }}</span></li>@endforeach</ul>
@endif
@endforeach
<h2 id="keep-apart">What may meet what</h2>
<table>@foreach ($rules->agents as $agent)<tr><td>{{ Str::ucfirst($agent->name) }}</td><td>{{ implode(', ', array_map($handbook->familyName(...), $agent->families)) }}</td><td>{{ $agent->note }}</td></tr>@endforeach</table>
<h3>In one vessel</h3>
<ul>@foreach ($rules->pairs as $pair)<li>{{ Str::ucfirst(strtr($pair->why, ['{a}' => $handbook->familyName($pair->between[0]), '{b}' => $handbook->familyName($pair->between[1])])) }} <span class="only">{{ $pair->hazard->value }}</span></li>@endforeach</ul>
<h3>On surfaces</h3>
<ul>@foreach ($rules->touches as $rule)<li>{{ Str::ucfirst($handbook->familyName($rule->what)) }} on {{ $rules->surfaces[$rule->surface] }}: <strong>{{ $rule->never ? 'never' : 'with care' }}</strong>. {{ Str::ucfirst(strtr($rule->why, ['{a}' => $handbook->familyName($rule->what)])) }} {{ $rule->instead }}</li>@endforeach
@foreach ($rules->tools as $rule)<li>{{ Str::ucfirst($handbook->kitName($rule->what)) }} on {{ $rules->surfaces[$rule->surface] }}: <strong>{{ $rule->never ? 'never' : 'with care' }}</strong>. {{ $rule->why }} {{ $rule->instead }}</li>@endforeach
@foreach ($rules->places as $rule)<li>{{ Str::ucfirst(strtr($rule->why, ['{a}' => $handbook->familyName($rule->family)])) }} {{ $rule->instead }}</li>@endforeach</ul>
<h3>What clears a vessel</h3>
<ul>@foreach ($rules->vessels as $vessel)<li>{{ Str::ucfirst($vessel->name) }}: {{ $vessel->remedy }} {{ $vessel->step['say'] }}</li>@endforeach</ul>
<h3>When it has happened</h3>
<ol><li>{{ $rules->inMachine }}</li>@foreach ($rules->whenMet as $line)<li>{{ $line }}</li>@endforeach</ol>
<h2 id="doses">Hardness and doses</h2>
<table>
<tr><td>Hardness, mg/L of calcium carbonate in one</td><td>@foreach ($doses->hardnessUnits as $unit => $mg){{ $unit }} {{ $mg }}{{ $loop->last ? '' : ' · ' }}@endforeach</td></tr>
<tr><td>Share of it that settles when water is heated</td><td>{{ round(100 * $doses->deposited) }} %</td></tr>
<tr><td>Share of an acid that reacts</td><td>{{ round(100 * $doses->efficiency) }} %</td></tr>
@foreach ($doses->acids as $name => $acid)<tr><td>{{ Str::ucfirst($name) }} acid</td><td>{{ $acid['molarMass'] }} g/mol; one mol dissolves {{ $acid['ratio'] }} mol of lime</td></tr>@endforeach
<tr><td>Litres brewed from one descaling to the next</td><td>{{ $doses->brewLimit['litres'] }} × {{ $doses->brewLimit['hardness'] }} ÷ hardness in mg/L, between {{ $doses->brewLimit['least'] }} and {{ $doses->brewLimit['most'] }}; practitioners name {{ $doses->usualBrews[0] }} to {{ $doses->usualBrews[1] }} pots</td></tr>
<tr><td>How long the acid stands</td><td>{{ $doses->stand['minutes'] }} minutes; {{ $doses->stand['heavy'] }} above {{ $doses->stand['heavyAboveGrams'] }} g of lime, or when a pot takes {{ round(100 * $doses->stand['slowedBy']) }} % longer than its own normal</td></tr>
<tr><td>Fresh water after it</td><td>at least {{ $doses->rinseTanks }} tanks</td></tr>
</table>
<h2 id="scales">What parts are compared with</h2>
@foreach ($scales as $scale)
<h4>{{ Str::ucfirst(strtr($scale->id, '-', ' ')) }}</h4>
<table>@foreach ($scale->grades as $grade)<tr><td>{{ $grade->name }}</td><td>{{ $grade->look }}</td><td>{{ round(100 * $grade->fraction->value) }} %</td></tr>@endforeach</table>
@endforeach
<h2 id="questions">Where practitioners differ</h2>
@foreach ($questions as $question)
<h4>{{ $question->question }}</h4>
<ul>@foreach ($question->sides as $side)<li><strong>{{ $side->name }}</strong>{{ $side->id === $question->ours ? ' (our line)' : '' }}: {{ $side->why }}</li>@endforeach</ul>
<p>{{ $question->because }}</p>
@endforeach
</body>
</html>
