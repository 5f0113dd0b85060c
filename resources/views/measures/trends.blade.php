<x-layout :title="__('measures.title', ['machine' => $machine->name])" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
    {{ $body }}
    @if ($pair)<section class="tile mt-3 no-print"><h2>{{ __('measures.grid.pair') }}</h2>
        <x-measure.compare :before="$pair[0]" :after="$pair[1]"/></section>@endif
</x-layout>
