@php
    use App\View\Words\Dates;
    $care = $first?->line->care;
    $stopped = $round->ended_how === App\Models\Round::STOPPED;
@endphp
<x-layout :title="$procedure->name.', '.$machine->name" place="logbook">
    <x-mesh-symbols :handbook="$handbook"/>
    <div class="today">
        <section class="tile">
            <p class="muted mb-0">{{ $procedure->name }} · {{ $machine->name }} · {{ Dates::weekday(GoodRinse\Core\Quantity\Day::at($round->ended_at, $household->zone())) }}, {{ Dates::time($round->started_at, $household->zone()) }}–{{ Dates::time($round->ended_at, $household->zone()) }}</p>
            <h1>{{ $stopped ? 'Stopped half-way.' : 'Done.' }} {{ $care === null ? '' : ($care->rhythm->dueOn && ! $first->line->isDue() ? 'Next on '.Dates::longWeekday($care->rhythm->dueOn).'.' : 'Still '.$first->line->when().'.') }}</h1>
            @if ($first?->learned)<p class="step__say">{{ $first->learned }}</p>@endif
            @if ($round->open_ends)
                <p class="hazard"><strong>{{ $round->settled_at ? 'Was left open, and has been put right since' : 'Left open' }}: {{ App\Words\OpenEndWords::list($round, $round->leftOpen()) }}.</strong>{{ $round->settled_at ? '' : " Don't use it before it is put right." }}</p>
            @endif
            @foreach ($opened as $each)
                <x-due-lines :lines="[$each->line]" :today="$today" :level="$loop->first ? 'h2' : 'h3'"/>
                <div class="due">
                    <ul class="openings">
                        @if ($each->says->found)
                            <li><x-swatch :grade="$handbook->nearestGrade($each->says->found)" :size="72"/><span>found {{ mb_strtolower($handbook->nearestGrade($each->says->found)->name) }}</span></li>
                            <li><x-swatch :grade="$handbook->nearestGrade($each->says->left)" :size="72"/><span>left {{ mb_strtolower($handbook->nearestGrade($each->says->left)->name) }}</span></li>
                        @endif
                    </ul>
                    <div></div>
                    <form method="post" action="{{ route('entries.void', $each->entry) }}">
                        @csrf
                        <button class="push push--wide">Undo this{{ $each->says->found ? ' opening' : '' }}</button>
                    </form>
                </div>
            @endforeach
            @if ($photos->isNotEmpty())
                <div class="photos mb-3">@foreach ($photos as $photo)<img src="{{ route('photos.show', $photo) }}" alt="Picture from this round">@endforeach</div>
            @endif
            @if ($trace)<p class="with-gap"><a class="push push--main" href="{{ route('traces.show', $trace) }}">Did it help? Back to what you were looking into</a></p>@endif
            <p class="with-gap mb-0"><a @class(['push', 'push--main' => ! $trace]) href="{{ route('today') }}">Back to Today</a><a class="push" href="{{ route('rounds.record', $round) }}">Service record</a><a class="push push--quiet" href="{{ route('logbook') }}">See the logbook</a></p>
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
