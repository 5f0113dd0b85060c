@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-drawing.scale-symbols :handbook="$handbook"/>

@foreach ($left as $open)
    <section class="tile tile--hazard mb-3">
        <h2>{{ __('views/today/body.was_left_unfinished', ['machine' => $open->machine->name]) }}</h2>
        <p class="mb-0">
            {{ __('views/today/body.the_round_of_ended_with_this', ['ended_at' =>
                Dates::short(GoodRinse\Core\Quantity\Day::at($open->ended_at,
                $household->zone()), $today), 'left_open' => App\Care\Words\OpenEndWords::list($open, $open->leftOpen())]) }}
        </p>
        <form method="post" action="{{ route('rounds.settle', $open) }}" class="mt-2 mb-0">
            @csrf<button class="push">{{ __('views/today/body.it_is_put_right') }}</button></form>
    </section>
@endforeach

@foreach ($unreadable as $round)
    <section class="tile mb-3">
        <h2>{{ __('views/today/body.a_round_that_cannot_go_on', ['machine' => $round->machine->name]) }}</h2>
        <p>{{ __('rounds.unreadable') }}</p>
        <form method="post" action="{{ route('rounds.end', $round) }}" class="with-gap mb-0">
            @csrf<input type="hidden" name="how" value="stopped"><input type="hidden" name="knows" value="1"><button
            class="push">{{ __('views/today/body.end_this_round') }}</button><a class="push push--quiet"
            href="{{ route('rounds.show', $round) }}">{{ __('views/today/body.see_what_it_wrote_down') }}</a></form>
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
                <h2 class="batch">{{ __('views/today/body.in_the_same_round') }}</h2>
                <x-care.due-lines :lines="array_slice($batch->lines, 1, 4)" :today="$today" level="h3" :batch="$batch"
                    :shared="$shared"/>
                @if (count($batch->lines) > 5)<p class="muted small">{{
                    __('views/today/body.and_more_in_it', ['lines' => Uses::small(count($batch->lines) - 5)]) }}</p>@endif
            @endif

            <details class="why" open>
                <summary>{{ __('views/today/body.why_and_how_sure') }}</summary>
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
