@props(['kind', 'machine' => null])
@php($traits = $kind->traits)
@foreach ($traits as $trait)
    <x-picks name="traits[{{ $trait->id }}]" :legend="$trait->ask" :hint="$trait->hint" :options="$trait->options" :value="$machine->traits[$trait->id] ?? $trait->default" :drawing="$trait->id === 'filter' ? 'filter' : null"/>
@endforeach
