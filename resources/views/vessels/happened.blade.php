<x-layout title="What to do now" place="today">
    <div class="narrow stack">
        <section class="tile tile--hazard">
            <h1>{{ $met ? 'Do this now.' : 'Written down. Now rinse it out.' }}</h1>
            @foreach ($met as $each)<p class="step__say">{{ $each }}</p>@endforeach
            <ol class="now">
                @foreach ($advice as $line)<li>{{ $line }}</li>@endforeach
            </ol>
        </section>
        <section class="tile">
            <h2>Once the air is clear</h2>
            <p>{{ $vessel->remedy }} Until that is written down, {{ implode(' and ', $there) ?: 'it' }} {{ count($there) > 1 ? 'count'
                : 'counts' }} as still in the {{ $vesselName }}.</p>
            <form method="post" action="{{ route('vessels.clear', [$machine, $vessel->id]) }}">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <button class="push push--main">{{ $vessel->done }}</button>
            </form>
            @if (session('undo'))
                <form method="post" action="{{ route('entries.void', session('undo')) }}">
                    @csrf<button class="push push--quiet">It did not happen; take it back</button></form>
            @endif
        </section>
    </div>
</x-layout>
