<div class="field" @if (! $trait->when->isEmpty()) data-when="{{ json_encode($trait->when->sets) }}" @endif>
    @if ($trait->number)
        <x-form.field name="traits[{{ $trait->id }}]" :label="$ask()" :hint="$trait->hint"
            type="number" step="any" :min="$in->range($trait->number)->least" :max="$in->range($trait->number)->most" inputmode="decimal"
            :value="$number()"
            :placeholder="__('views/components/form/trait-field.dont_know_until_somebody_looks', ['default' => $in->written((float)
                $trait->default)])"/>
    @else
        <x-form.choice name="traits[{{ $trait->id }}]" :legend="$trait->ask" :hint="$trait->hint" :options="$trait->options"
            :value="$machine->traits[$trait->id] ?? null" :drawing="$trait->drawn ? $trait->id : null" :unknown="true"/>
    @endif
</div>
