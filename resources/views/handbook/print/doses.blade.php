<h2 id="doses">Hardness and doses</h2>
<table>
<tr>
    <td>Hardness, mg/L of calcium carbonate in one</td>
    <td>@foreach ($doses->hardnessUnits as $unit => $mg){{ $unit }} {{ $mg }}{{ $loop->last ? '' : ' · ' }}@endforeach</td>
</tr>
<tr><td>Share of it that settles when water is heated</td><td>{{ round(100 * $doses->deposited) }} %</td></tr>
<tr><td>Share of an acid that reacts</td><td>{{ round(100 * $doses->efficiency) }} %</td></tr>
@foreach ($doses->acids as $name => $acid)
<tr>
    <td>{{ Str::ucfirst($name) }} acid</td>
    <td>{{ $acid['molarMass'] }} g/mol; one mol dissolves {{ $acid['ratio'] }} mol of lime</td>
</tr>
@endforeach
<tr>
    <td>Litres brewed from one descaling to the next</td>
    <td>{{ $doses->brewLimit['litres'] }} × {{ $doses->brewLimit['hardness'] }} ÷ hardness in mg/L, between
        {{ $doses->brewLimit['least'] }} and {{ $doses->brewLimit['most'] }}. Common practice is {{ $doses->usualBrews[0] }} to
        {{ $doses->usualBrews[1] }} pots.</td>
</tr>
<tr>
    <td>How long the acid stands</td>
    <td>{{ $doses->stand['minutes'] }} minutes; {{ $doses->stand['heavy'] }} above {{ $doses->stand['heavyAboveGrams'] }} g of
        lime, or when a pot takes {{ round(100 * $doses->stand['slowedBy']) }} % longer than its own normal</td>
</tr>
<tr><td>Fresh water after it</td><td>at least {{ $doses->rinseTanks }} tanks</td></tr>
</table>
