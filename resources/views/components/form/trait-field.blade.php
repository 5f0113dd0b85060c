@props(['trait', 'machine' => null])
<div class="field" @if (! $trait->when->isEmpty()) data-when="{{ json_encode($trait->when->sets) }}" @endif>
    @if ($trait->number)
        @php($in = App\View\Words\HouseMeasures::field($trait->unit))
        <x-form.field name="traits[{{ $trait->id }}]" :label="$trait->ask.($trait->unit ? ' ('.$in->name.')' : '')" :hint="$trait->hint"
            type="number" step="any" :min="$in->range($trait->number)->least" :max="$in->range($trait->number)->most" inputmode="decimal"
            :value="isset($machine->traits[$trait->id]) ? $in->written((float) $machine->traits[$trait->id]) : null"
            placeholder="don't know; {{ $in->written((float) $trait->default) }} until somebody looks"/>
    @else
        <x-form.choice name="traits[{{ $trait->id }}]" :legend="$trait->ask" :hint="$trait->hint" :options="$trait->options"
            :value="$machine->traits[$trait->id] ?? null" :drawing="$trait->drawn ? $trait->id : null" :unknown="true"/>
    @endif
</div>
