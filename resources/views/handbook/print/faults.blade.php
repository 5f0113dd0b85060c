<h3>When something is wrong</h3>
<p class="only">{{ $each->faults->basis }}</p>
@foreach ($each->faults->symptoms as $symptom)
<h4>{{ $symptom->name }}</h4>
@if ($symptom->now)
<p class="caution"><strong>At once.</strong> {{ $symptom->now }}</p>
@endif
<ul>
@foreach ($each->faults->causesOf($symptom) as $cause)
<li>{{ $cause->name }}{{ $cause->hazard ? ' (hazard)' : '' }} @unless ($cause->when->isEmpty())
    <span class="only">only where: {{ $each->only($cause->when) }}</span>@endunless</li>
@endforeach
</ul>
@endforeach
<h4>Ways to find out</h4>
<ul>
@foreach ($each->faults->checks as $check)
<li><strong>{{ $check->name }}</strong> {{ $check->how }}
    <span class="only">{{ App\View\Words\Uses::minutes($check->minutes) }}:
        {{ implode(' · ', array_column($check->results, 'name')) }}</span></li>
@endforeach
</ul>
<h4>Ways to mend it</h4>
<ul>
@foreach ($each->faults->actions as $action)
<li><strong>{{ $action->name }}</strong> {{ $action->how }}
    <span class="only">{{ App\View\Words\Uses::minutes($action->minutes) }}; helps against {{ $each->helps($action) }}</span></li>
@endforeach
</ul>
