@use('App\View\Words\Dates')
@php
    $stopped = $round->ended_how === App\Models\Round::STOPPED;
@endphp
<x-layout :title="$procedure->name.', '.$machine->name" place="logbook">
    <x-drawing.scale-symbols :handbook="$handbook"/>
    <div class="today">
        <section class="tile">
            <p class="muted mb-0">
                {{ $procedure->name }} · {{ $machine->name }} · {{ Dates::weekday(GoodRinse\Core\Quantity\Day::at($round->ended_at,
                $household->zone())) }}, {{ Dates::time($round->started_at, $household->zone()) }}–{{ Dates::time($round->ended_at,
                $household->zone()) }}</p>
            <h1>{{ $stopped ? 'Stopped half-way.' : 'Done.' }}@if ($next) {{ $next['task'] }} {{ $next['when'] }}.@endif</h1>
            @foreach ($opened as $each)@if ($each->learned)<p class="step__say">
                {{ count($opened) > 1 ? $each->line->care->name().': ' : '' }}{{ $each->learned }}</p>@endif @endforeach
            @if ($round->open_ends)
                <p class="hazard"><strong>{{ $round->settled_at ? 'Was left open, and has been put right since'
                    : 'Left open' }}: {{ App\Care\Words\OpenEndWords::list($round, $round->leftOpen()) }}.</strong>{{ $round->settled_at
                    ? '' : " Don't use it before it is put right." }}</p>
            @endif
            @foreach ($opened as $each)
                <x-care.due-lines :lines="[$each->line]" :today="$today" :level="$loop->first ? 'h2' : 'h3'"/>
                <div class="due">
                    <ul class="openings">
                        @if ($each->payload->found)
                            @php($scale = $handbook->scales()->scale($each->line->care->scale()))
                            <li><x-drawing.swatch :grade="$scale->nearest($each->payload->found)"
                                :size="72"/><span>found {{ mb_strtolower($scale->nearest($each->payload->found)->name) }}</span></li>
                            <li><x-drawing.swatch :grade="$scale->nearest($each->payload->left)"
                                :size="72"/><span>left {{ mb_strtolower($scale->nearest($each->payload->left)->name) }}</span></li>
                        @endif
                    </ul>
                    <div></div>
                    <form method="post" action="{{ route('entries.void', $each->entry) }}">
                        @csrf
                        <button class="push push--wide">Undo this{{ $each->payload->found ? ' opening' : '' }}</button>
                    </form>
                </div>
            @endforeach
            @if ($photos->isNotEmpty())
                <div class="photos mb-3">@foreach ($photos as $photo)<img src="{{ route('photos.show', $photo) }}"
                    alt="Picture from this round">@endforeach</div>
            @endif
            @foreach ($lights as [$light, $task])
                <form method="post" action="{{ route('lights.store', $machine) }}" class="remedy">
                    @csrf
                    <input type="hidden" name="light" value="{{ $light }}">
                    <input type="hidden" name="on" value="0">
                    <p>{{ __('rounds.light_on', ['task' => mb_strtolower($task)]) }}</p>
                    <button class="push">The light is out</button>
                </form>
            @endforeach
            @if ($failed)<p class="with-gap"><a class="push" href="{{ route('traces.create', $machine) }}">Look for the cause</a></p>@endif
            @foreach ($offers as $offer)
                <form method="post" action="{{ route('rounds.store', $machine) }}" class="remedy">
                    @csrf
                    <input type="hidden" name="procedure" value="{{ $offer->procedure }}">
                    <p>You found {{ $offer->found }}. {{ $offer->why }}</p>
                    <button class="push">Start: {{ mb_strtolower($offer->name) }}</button>
                </form>
            @endforeach
            @if ($trace)<p class="with-gap"><a class="push push--main"
                href="{{ route('traces.show', $trace) }}">Did it help? Back to what you were looking into</a></p>@endif
            <p class="with-gap mb-0"><a @class(['push', 'push--main' => ! $trace]) href="{{ route('today') }}">Back to Today</a><a
                class="push" href="{{ route('rounds.record', $round) }}">Service record</a><a class="push push--quiet"
                href="{{ route('logbook') }}">See the logbook</a></p>
        </section>
        <aside class="today__aside">
            <section class="tile">
                <h2>Written down</h2>
                <ul class="clean-list">
                    @forelse ($lines as [$entry, $words])
                        <li class="mb-2">{{ $words }} <span class="muted small">{{ Dates::time($entry->happened_at,
                            $household->zone()) }}</span></li>
                    @empty
                        <li class="muted">Nothing was written.</li>
                    @endforelse
                </ul>
            </section>
        </aside>
    </div>
</x-layout>
