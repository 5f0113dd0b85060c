@props(['trait', 'machine' => null])
<div class="field" @if (! $trait->when->isEmpty()) data-when="{{ json_encode($trait->when->sets) }}" @endif>
    @if ($trait->number)
        <x-field name="traits[{{ $trait->id }}]" :label="$trait->ask.($trait->unit ? ' ('.$trait->unit.')' : '')" :hint="$trait->hint" type="number" :min="$trait->number->least" :max="$trait->number->most" inputmode="numeric" :value="$machine->traits[$trait->id] ?? null" placeholder="don't know; {{ $trait->default }} until somebody looks"/>
    @else
        <x-picks name="traits[{{ $trait->id }}]" :legend="$trait->ask" :hint="$trait->hint" :options="$trait->options" :value="$machine->traits[$trait->id] ?? null" :drawing="$trait->drawn ? $trait->id : null" :unknown="true"/>
    @endif
</div>
