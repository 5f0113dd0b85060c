<h3>What is asked about it</h3>
<table>
@foreach ($each->kind->traits() as $trait)
<tr>
    <td>{{ $trait->ask }}@if ($trait->hint)<br><span class="only">{{ $trait->hint }}</span>@endif</td>
    <td>@if ($trait->number){{ $trait->number->least }} to {{ $trait->number->most }} {{ $trait->unit }}; until told,
        {{ $trait->default }}@else{{ implode(' · ', array_column($trait->options, 'name')) }}@endif</td>
</tr>
@endforeach
</table>
<h3>Parts</h3>
<table>
@foreach ($each->kind->parts() as $part)
<tr>
    <td>{{ Str::ucfirst($part->name([])) }}@unless ($part->when->isEmpty())<br>
        <span class="only">Only where: {{ $each->only($part->when) }}</span>@endunless</td>
    <td>{{ $part->look }} {{ strtr(implode(' ', $part->comesOff([])), $each->words) }}</td>
</tr>
@endforeach
</table>
<h3>Care tasks</h3>
@foreach ($each->kind->tasks() as $task)
<h4>{{ $task->name }}</h4>
<p>@foreach ($task->clocks as $clock){{ $loop->first ? 'Between ' : ', or between ' }}{{ $clock->least }} and {{ $clock->most }}
    {{ strtr($clock->unit, '-', ' ') }}@endforeach. {{ $task->basis }}</p>
<ul>
@foreach ($task->schools as $school)
<li>{{ $school->name }}{{ $school->id === $task->school(null)->id ? ', our own' : '' }}. {{ $school->note }}</li>
@endforeach
</ul>
@endforeach
