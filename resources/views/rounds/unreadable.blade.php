@use('App\View\Words\Dates')
<x-layout :title="'A round on the '.$machine->name" place="today">
    <section class="tile">
        <p class="muted mb-0">{{ $machine->name }} · begun {{ Dates::day(GoodRinse\Core\Quantity\Day::at($round->started_at,
            $household->zone())) }}</p>
        <h1>{{ $round->ended_at ? 'This round has ended.' : 'This round cannot go on.' }}</h1>
        <p class="step__say">{{ __('rounds.unreadable') }}</p>
        @if ($round->ended_at === null)
            <form method="post" action="{{ route('rounds.end', $round) }}">
                @csrf
                <input type="hidden" name="how" value="stopped">
                <input type="hidden" name="knows" value="1">
                <button class="push push--main">End this round</button>
            </form>
        @endif
        <h2 class="mt-3">What it wrote down</h2>
        <ul class="clean-list">
            @forelse ($lines as [$words, $time])
                <li class="mb-2">{{ $words }} <span class="muted small">{{ $time }}</span></li>
            @empty
                <li class="muted">Nothing.</li>
            @endforelse
        </ul>
        <p class="mb-0"><a class="push" href="{{ route('today') }}">Back to Today</a></p>
    </section>
</x-layout>
