@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-drawing.scale-symbols :handbook="$handbook"/>

@foreach ($left as $open)
    <section class="tile tile--hazard mb-3">
        <h2>{{ $open->machine->name }} was left unfinished</h2>
        <p class="mb-0">
            The round of {{ Dates::short(GoodRinse\Core\Quantity\Day::at($open->ended_at,
                $household->zone())) }} ended with this open: {{ App\Care\Words\OpenEndWords::list($open, $open->leftOpen()) }}.
            Don't use it before it is put right.
        </p>
        <form method="post" action="{{ route('rounds.settle', $open) }}" class="mt-2 mb-0">
            @csrf<button class="push">It is put right</button></form>
    </section>
@endforeach

@foreach ($unreadable as $round)
    <section class="tile mb-3">
        <h2>{{ $round->machine->name }}: a round that cannot go on</h2>
        <p>{{ __('rounds.unreadable') }}</p>
        <form method="post" action="{{ route('rounds.end', $round) }}" class="with-gap mb-0">
            @csrf<input type="hidden" name="how" value="stopped"><input type="hidden" name="knows" value="1"><button
            class="push">End this round</button><a class="push push--quiet"
            href="{{ route('rounds.show', $round) }}">See what it wrote down</a></form>
    </section>
@endforeach
@if ($dangers)<div class="mb-3"><x-vessel.notices :notices="$dangers" :household="$household" :today="$today"/></div>@endif
@if ($first === null)
    <x-care.first-machine/>
@else
    <div class="today">
        <div>
        <section class="tile">
            @include('today.ask')
            @if ($data->mostUsed())@include('today.quick')@endif
            <x-care.due-lines :lines="[$first]" :today="$today" level="h2" :shared="$shared"/>
            @if (($batch = $data->batch()) && count($batch->lines) > 1)
                <h2 class="batch">In the same round</h2>
                <x-care.due-lines :lines="array_slice($batch->lines, 1, 4)" :today="$today" level="h3" :batch="$batch"
                    :shared="$shared"/>
                @if (count($batch->lines) > 5)<p class="muted small">And {{ Uses::small(count($batch->lines) - 5) }} more in it.</p>@endif
            @endif

            <details class="why" open>
                <summary>Why, and how sure</summary>
                <div class="why__body">
                    <div>
                        <ol>
                            @if ($start)
                                <li>{{ $start }}</li>
                            @else
                                @foreach ($first->more() as $reason)<li>{{ $reason }}</li>@endforeach
                                @if ($first->sure())<li>{{ $first->sure() }}</li>@endif
                            @endif
                        </ol>
                    </div>
                    <x-care.last-openings :care="$first->care" :handbook="$handbook" :today="$today" :count="3"/>
                </div>
            </details>

            @include('today.later')
        </section>
        <x-care.six-weeks :strip="$strip" :today="$today"/>
        </div>

        @include('today.beside')
    </div>
@endif
