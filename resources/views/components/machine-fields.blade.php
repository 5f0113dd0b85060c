@props(['kind', 'machine' => null])
@php
    $now = array_filter($kind->traits(), fn ($trait) => ! $trait->later);
    $later = array_filter($kind->traits(), fn ($trait) => $trait->later);
@endphp
<div x-data="traits" x-on:change="fit">
    @foreach ($now as $trait)<x-trait-field :trait="$trait" :machine="$machine"/>@endforeach
    @if ($later)
        <details class="mt-3" @if ($errors->has('traits.*') || $machine) open @endif>
            <summary>More about it; it can wait until a round shows you</summary>
            <div class="mt-2">@foreach ($later as $trait)<x-trait-field :trait="$trait" :machine="$machine"/>@endforeach</div>
        </details>
    @endif
</div>
