<x-layout title="What {{ $machine->name }} starts from" place="rhythm">
    <h1>{{ $moved === null ? 'What its rhythms start from.' : (array_filter($moved, fn ($date) => $date->moves())
        ? 'This is what would move.' : 'No date would move.') }}</h1>
    @if ($moved !== null)
        <section class="tile mb-3">
            <x-care.date-changes :moved="$moved" :today="$today"/>
            <form method="post" action="{{ route('machines.start', $machine) }}" class="with-gap mt-3">
                @csrf
                @method('put')
                @foreach ($tried->habits as $id => $value)<input type="hidden" name="habits[{{ $id }}]" value="{{ $value }}">@endforeach
                @foreach ($tried->schools as $id => $value)<input type="hidden" name="schools[{{ $id }}]" value="{{ $value }}">@endforeach
                <button class="push push--main">Use it</button>
                <a class="push push--quiet" href="{{ route('rhythm', ['machine' => $machine->id]) }}">Leave it as it was</a>
            </form>
        </section>
    @endif
    <form method="get" action="{{ route('machines.start', $machine) }}" class="start-form">
        <section class="tile">
            <h2>{{ $machine->name }}</h2>
            <x-form.habit-fields :kind="$kind" :machine="$tried" :said="$said"/>
            <p class="mt-4 mb-0 with-gap"><button class="push {{ $moved === null ? 'push--main' : '' }}">See what moves</button><a
                class="push push--quiet" href="{{ route('rhythm', ['machine' => $machine->id]) }}">Back to the rhythm</a></p>
        </section>
        @if ($kind->litresTrait)
            <p class="mt-3 muted">Descaling starts from the hardness of your water: <a href="{{ route('water') }}">set it here</a>.</p>
        @endif
    </form>
</x-layout>
