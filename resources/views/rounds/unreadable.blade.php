@use('App\View\Words\Dates')
<x-layout :title="__('views/rounds/unreadable.a_round_on_the').' '.$machine->name" place="today">
    <section class="tile">
        <p class="muted mb-0">{{
            __('views/rounds/unreadable.begun', ['machine' => $machine->name,
                'started_at' => Dates::day(GoodRinse\Core\Quantity\Day::at($round->started_at,
            $household->zone()))]) }}</p>
        <h1>{{ $round->ended_at
            ? __('views/rounds/unreadable.this_round_has_ended') : __('views/rounds/unreadable.this_round_cannot_go_on') }}</h1>
        <p class="step__say">{{ __('rounds.unreadable') }}</p>
        @if ($round->ended_at === null)
            <form method="post" action="{{ route('rounds.end', $round) }}">
                @csrf
                <input type="hidden" name="how" value="stopped">
                <input type="hidden" name="knows" value="1">
                <button class="push push--main">{{ __('views/rounds/unreadable.end_this_round') }}</button>
            </form>
        @endif
        <h2 class="mt-3">{{ __('views/rounds/unreadable.what_it_wrote_down') }}</h2>
        <ul class="clean-list">
            @forelse ($lines as [$words, $time])
                <li class="mb-2">{{ $words }} <span class="muted small">{{ $time }}</span></li>
            @empty
                <li class="muted">{{ __('views/rounds/unreadable.nothing') }}</li>
            @endforelse
        </ul>
        <p class="mb-0"><a class="push" href="{{ route('today') }}">{{ __('views/rounds/unreadable.back_to_today') }}</a></p>
    </section>
</x-layout>
