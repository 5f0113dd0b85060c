<h2 id="keep-apart">What may meet what</h2>
<table>
@foreach ($rules->agents as $agent)
<tr>
    <td>{{ Str::ucfirst($agent->name) }}</td>
    <td>{{ implode(', ', array_map($handbook->chemistry()->familyName(...), $agent->families)) }}</td>
    <td>{{ $agent->note }}</td>
</tr>
@endforeach
</table>
<h3>In one vessel</h3>
<ul>
@foreach ($rules->pairs as $pair)
<li>{{ Str::ucfirst(strtr($pair->why, [
        '{a}' => $handbook->chemistry()->familyName($pair->between[0]),
        '{b}' => $handbook->chemistry()->familyName($pair->between[1]),
    ])) }} <span class="only">{{ $pair->hazard->value }}</span></li>
@endforeach
</ul>
<h3>On surfaces</h3>
<ul>
@foreach ($rules->touches as $rule)
<li>{{ Str::ucfirst($handbook->chemistry()->familyName($rule->what)) }} on {{ $rules->surfaces[$rule->surface] }}:
    <strong>{{ $rule->never ? 'never' : 'with care' }}</strong>.
    {{ Str::ucfirst(strtr($rule->why, ['{a}' => $handbook->chemistry()->familyName($rule->what)])) }} {{ $rule->instead }}</li>
@endforeach
@foreach ($rules->tools as $rule)
<li>{{ Str::ucfirst($handbook->kitName($rule->what)) }} on {{ $rules->surfaces[$rule->surface] }}:
    <strong>{{ $rule->never ? 'never' : 'with care' }}</strong>. {{ $rule->why }} {{ $rule->instead }}</li>
@endforeach
@foreach ($rules->places as $rule)
<li>{{ Str::ucfirst(strtr($rule->why, ['{a}' => $handbook->chemistry()->familyName($rule->family)])) }} {{ $rule->instead }}</li>
@endforeach
</ul>
<h3>What clears a vessel</h3>
<ul>
@foreach ($rules->vessels as $vessel)
<li>{{ Str::ucfirst($vessel->name) }}: {{ $vessel->remedy }} {{ $vessel->step['instruction'] }}</li>
@endforeach
</ul>
<h3>When it has happened</h3>
<ol>
    <li>{{ $rules->inMachine }}</li>
@foreach ($rules->whenMet as $line)
    <li>{{ $line }}</li>
@endforeach
</ol>
