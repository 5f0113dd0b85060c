@php
    use App\View\Words\Dates;
    $care = $line->care;
    $window = $care->rhythm->window;
    $stopped = $round->ended_how === App\Models\Round::STOPPED;
@endphp
<x-layout :title="$procedure->name.', '.$machine->name" place="logbook">
    <x-mesh-symbols :handbook="$handbook"/>
    <div class="today">
        <section class="tile">
            <p class="muted mb-0">{{ $procedure->name }} · {{ $machine->name }} · {{ Dates::weekday(GoodRinse\Core\Quantity\Day::at($round->ended_at, $household->zone())) }}, {{ Dates::time($round->started_at, $household->zone()) }}–{{ Dates::time($round->ended_at, $household->zone()) }}</p>
            <h1>{{ $stopped ? 'Stopped half-way.' : 'Done.' }} {{ $care->rhythm->dueOn && ! $line->isDue() ? 'Next on '.Dates::longWeekday($care->rhythm->dueOn).'.' : ($opening ? 'Still '.$line->when().'.' : '') }}</h1>
            @if ($learned)<p class="step__say">{{ $learned }}</p>@endif
            @if ($round->open_ends)
                <p class="hazard"><strong>Left open: {{ App\Support\OpenEndWords::list($round, $round->leftOpen()) }}.</strong> Don't start a load before it is put right.</p>
            @endif
            <x-due-lines :lines="[$line]" :today="$today"/>
            @if ($says && $says->found)
                <div class="due">
                    <ul class="openings">
                        <li><x-swatch :grade="$handbook->nearestGrade($says->found)" :size="72"/><span>found {{ mb_strtolower($handbook->nearestGrade($says->found)->name) }}</span></li>
                        <li><x-swatch :grade="$handbook->nearestGrade($says->left)" :size="72"/><span>left {{ mb_strtolower($handbook->nearestGrade($says->left)->name) }}</span></li>
                    </ul>
                    <div></div>
                    <form method="post" action="{{ route('entries.void', $opening) }}">
                        @csrf
                        <button class="push push--wide">Undo this opening</button>
                    </form>
                </div>
            @endif
            @if ($photos->isNotEmpty())
                <div class="photos mb-3">@foreach ($photos as $photo)<img src="{{ route('photos.show', $photo) }}" alt="Picture from this round">@endforeach</div>
            @endif
            <p class="with-gap mb-0"><a class="push push--main" href="{{ route('today') }}">Back to Today</a><a class="push" href="{{ route('logbook') }}">See the logbook</a></p>
        </section>
        <aside class="today__aside">
            <section class="tile">
                <h2>Written down</h2>
                <ul class="clean-list">
                    @forelse ($lines as [$entry, $words])
                        <li class="mb-2">{{ $words }} <span class="muted small">{{ Dates::time($entry->happened_at, $household->zone()) }}</span></li>
                    @empty
                        <li class="muted">Nothing was written.</li>
                    @endforelse
                </ul>
            </section>
        </aside>
    </div>
</x-layout>
