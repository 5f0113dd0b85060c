@php
    use App\View\Words\Dates;
    $query = fn (array $with) => array_filter(array_merge(['machine' => $machine?->id, 'show' => $show === 'care' ? null : $show], $with), fn ($value) => $value !== null);
@endphp
<x-layout title="Logbook" place="logbook">
    <x-slot:when><x-date-head :household="$household" :today="$today"/></x-slot:when>
    <h1>{{ $days ? 'What happened here, the latest first.' : 'Nothing is written down here yet.' }}</h1>
    <nav class="filters" aria-label="What the logbook shows">
        @foreach (['care' => 'Care', 'uses' => 'Loads', 'all' => 'Everything, with undos'] as $id => $name)
            <a class="push" href="{{ route('logbook', $query(['show' => $id === 'care' ? null : $id])) }}" @if ($show === $id) aria-current="true" @endif>{{ $name }}</a>
        @endforeach
        @if ($machines->count() > 1)
            <a class="push" href="{{ route('logbook', $query(['machine' => null])) }}" @if ($machine === null) aria-current="true" @endif>All machines</a>
            @foreach ($machines as $each)
                <a class="push" href="{{ route('logbook', $query(['machine' => $each->id])) }}" @if ($machine?->id === $each->id) aria-current="true" @endif>{{ $each->name }}</a>
            @endforeach
        @endif
    </nav>
    @if (! $days)
        <section class="tile"><p class="mb-0">Every round, every opening and every load you count lands here, and can be taken back.</p></section>
    @endif
    @foreach ($days as $group)
        <section class="day" aria-label="{{ Dates::longWeekday($group['day']) }}">
            <h2>{{ Dates::day($group['day'], $today) }} <span>{{ Dates::relative($group['day'], $today) }}</span></h2>
            <div class="tile">
                @foreach ($group['groups'] as $lines)
                    <x-logbook-line :line="$lines[0]" :handbook="$handbook" :people="$people"/>
                    @if (count($lines) > 1)
                        <details class="line__more">
                            <summary>{{ count($lines) - 1 }} more from the same round</summary>
                            @foreach (array_slice($lines, 1) as $line)<x-logbook-line :line="$line" :handbook="$handbook" :people="$people"/>@endforeach
                            <a class="push push--quiet" href="{{ route('rounds.show', $lines[0]->entry->round_id) }}">See the round</a>
                        </details>
                    @endif
                @endforeach
            </div>
        </section>
    @endforeach
    @if ($more)<p class="mt-4"><a class="push" href="{{ route('logbook', $query(['before' => $more])) }}">Earlier</a></p>@endif
</x-layout>
