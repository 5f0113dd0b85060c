<x-layout title="Kitchen" place="kitchen">
    <h1>{{ $machines ? 'Your machines' : 'No machines yet' }}</h1>
    <div class="machines">
        @foreach ($machines as $tile)
            <a class="tile machine-tile" href="{{ route('machines.show', $tile->care->machine) }}" @if ($tile->first)
                {{ App\View\Pages\Rhythm\CareFacts::of($tile->first) }} @endif>
                <x-drawing.glass :wear="$tile->first?->rhythm->wear ?? 0" :size="96"
                    :unknown="$tile->first === null || $tile->first->neverOpened()"/>
                <span>
                    <strong class="display">{{ $tile->care->machine->name }}</strong><br>
                    <span class="muted">{{ $tile->kindAndPlace() }}</span><br>
                    {{ $tile->state() }}
                </span>
            </a>
        @endforeach
        <a class="tile machine-tile machine-tile--add" href="{{ route('machines.create') }}">Add a machine</a>
        <a class="tile machine-tile machine-tile--add" href="{{ route('tasks.index') }}">Tasks of your own</a>
        <a class="tile machine-tile machine-tile--add" href="{{ route('cupboard') }}">{{ __('places/cupboard.link') }}</a>
    </div>
</x-layout>
