@use('App\View\Words\Dates')
<x-layout title="Kitchen" place="kitchen">
    <h1>{{ $machines ? 'Your machines' : 'No machines yet' }}</h1>
    <div class="machines">
        @foreach ($machines as $care)
            @php($worst = App\Care\Readers\CareReader::byUrgency([$care])[0] ?? null)
            <a class="tile machine-tile" href="{{ route('machines.show', $care->machine) }}" @if ($worst)
                {{ App\View\Pages\Rhythm\CareFacts::of($worst) }} @endif>
                <x-drawing.glass :wear="$worst?->rhythm->wear ?? 0" :size="96" :unknown="$worst === null || $worst->neverOpened()"/>
                <span>
                    <strong class="display">{{ $care->machine->name }}</strong><br>
                    <span class="muted">{{ $care->kind->name }}{{ $care->machine->place ? ', '.$care->machine->place : '' }}</span><br>
                    {{ $worst === null ? 'Nothing is on a clock' : $worst->name().': ' }}{{ $worst === null ? '' : ($worst->neverOpened()
                        && $worst->rhythm->state->isDue() ? 'not looked at yet'
                        : ($worst->rhythm->state->isDue() ? 'due' : ($worst->rhythm->dueOn ? 'due '.Dates::short($worst->rhythm->dueOn)
                        : 'no date yet'))) }}
                </span>
            </a>
        @endforeach
        <a class="tile machine-tile machine-tile--add" href="{{ route('machines.create') }}">Add a machine</a>
    </div>
</x-layout>
