@props(['kind', 'machine' => null, 'later' => null])
{{-- What tells this machine from others of its kind; with `later` only what a round shows anyway, or only the rest. --}}
<div x-data="traits">
    @foreach ($kind->traits() as $trait)
        @if ($later === null || $trait->later === $later)<x-form.trait-field :trait="$trait" :machine="$machine"/>@endif
    @endforeach
</div>
