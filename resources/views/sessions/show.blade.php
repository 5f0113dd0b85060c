<x-layout :title="__('plan.session')" place="today">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <div x-data="session" data-every="30">
    <h1>{{ $head }}</h1>
    @if ($change)<p class="lead-line">{{ $change }}</p>@endif
    <div class="turns">
        @foreach ($turns as $turn)
            <section @class(['tile', 'turn', 'turn--me' => $turn->isMe])>
                <h2>{{ $turn->isMe ? __('plan.your_turn') : $turn->name }}</h2>
                @if ($turn->machine)<p class="turn__machine">{{ $turn->machine }}</p>@endif
                <p class="turn__what">{{ $turn->line }}</p>
                @if ($turn->isMe && $turn->machine)
                    <form method="post" action="{{ route('sessions.turn', $session) }}">@csrf<button
                        class="push push--main push--wide">{{ __('plan.go_on') }}</button></form>
                @endif
            </section>
        @endforeach
        @if ($timers)
            <section class="tile turn">
                <h2>{{ __('plan.waits') }}</h2>
                @foreach ($timers as [$round, $timer])
                    <p class="muted mb-0">{{ $round->machine->name }}</p>
                    @once<x-page.words of="timer"/>@endonce
                    <x-round.timer :timer="$timer" :now="$now" :zone="$household->zone()"/>
                @endforeach
            </section>
        @endif
    </div>
    @if ($lanes)<x-plan.lanes :lanes="$lanes" :label="$head"/>@endif
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('plan.left_order') }}</h2>
            @if ($lines)<x-plan.order :lines="$lines"/>@else<p class="mb-0">{{ __('plan.nothing_left') }}</p>@endif
        </section>
        <section class="tile">
            <h2>{{ __('plan.machines') }}</h2>
            <ul class="clean-list mb-3">
                @foreach ($rounds as $round)
                    <li><a href="{{ route('rounds.show', $round) }}">{{ $round->machine->name }}</a>
                        <span class="muted small">{{ $round->fittedProcedure()->name }}</span></li>
                @endforeach
            </ul>
            @if ($canJoin)
                <form method="post" action="{{ route('sessions.join', $session) }}">@csrf<button
                    class="push push--wide">{{ __('plan.join') }}</button></form>
            @endif
            @if ($canLeave)
                <form method="post" action="{{ route('sessions.join', $session) }}">@csrf @method('delete')<button
                    class="push push--wide">{{ __('plan.leave') }}</button></form>
            @endif
            <p class="muted small mt-3 mb-0">{{ __('plan.stop') }}</p>
            <p class="mt-3 mb-0"><a class="push" href="{{ route('plan') }}">{{ __('plan.add') }}</a></p>
        </section>
    </div>
    </div>
</x-layout>
