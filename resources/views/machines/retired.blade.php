<x-layout :title="$machine->name" place="kitchen">
    <div class="narrow stack">
        <h1>{{ $machine->name }}</h1>
        <p class="muted">{{ $kindName }} · {{ $left }}</p>
        <section class="tile">
            <h2>{{ __('places/retired.what') }}</h2>
            <dl class="facts">@foreach ($facts as [$what, $words])<dt>{{ $what }}</dt><dd>{{ $words }}</dd>@endforeach</dl>
            <form method="post" action="{{ route('machines.retire', $machine) }}" class="with-gap mt-3">
                @csrf
                @method('delete')
                <button class="push push--main">{{ __('places/retired.restore') }}</button>
                <a class="push" href="{{ route('logbook', ['machine' => $machine->id]) }}">{{ __('places/retired.logbook') }}</a>
            </form>
        </section>
        <x-machine.papers :machine="$machine"/>
    </div>
</x-layout>
