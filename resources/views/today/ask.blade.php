@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<div class="ask">
    <div>
        @if ($session)
            <h1>{{ __('plan.session_open') }}</h1>
            <p>{{ __('plan.session_on', ['machines' => implode(', ', $inSession)]) }}</p>
        @elseif ($running)
            <h1>{{ __('views/today/ask.a_round_is_under_way') }}<br>{{
                __('views/today/ask.next', ['what' => mb_strtolower($progress->current()?->short ?? __('views/today/ask.finish_it'))])
                    }}</h1>
            <p>{{ __('views/today/ask.begun_at', ['machine' => $running->machine->name,
                'fitted_procedure' => mb_strtolower($running->fittedProcedure()->name),
                    'started_at' => Dates::short(
                        GoodRinse\Core\Quantity\Day::at($running->started_at, $household->zone()), $today)]) }}
                <strong>{{ Dates::time($running->started_at, $household->zone()) }}</strong>{{
                    __('views/today/ask.everything_you_ticked_is_kept') }}</p>
            @if ($tray)<p><strong>{{ __('views/today/ask.off_the_machine') }}</strong>
                {{ implode(', ', array_map(fn ($piece) => mb_strtolower($piece->name), $tray)) }}.</p>@endif
            @foreach ($paused as $other)<p>{{ __('views/today/ask.also_waiting') }}
                <a href="{{ route('rounds.show', $other) }}">{{ $other->machine->name }},
                {{ mb_strtolower($other->fittedProcedure()->name) }}</a>.</p>@endforeach
            @foreach ($progress->timers() as $timer)<p><strong>{{ $timer->label }}:</strong>
                {{ $timer->secondsLeft($now) > 0 ? __('views/today/ask.until').' '.Dates::time($timer->endsAt(), $household->zone())
                : __('views/today/ask.over_since').' '.Dates::time($timer->endsAt(),
                    $household->zone()) }}{{ $timer->lateness($now)?->harms
                ? ', '.__('views/today/ask.longer_than_it_may_be') : '' }}.</p>@endforeach
        @elseif ($first->care->neverOpened() && $first->care->isGraded() && $jobs === 1)
            <h1>{{ __('views/today/ask.look_at_it_once') }}<br>{{ trans_choice('views/today/ask.minutes_of_your_hands', $hands) }}</h1>
            <p>{{ __('views/today/ask.what_you_find_sets_when_it', ['machine' => $first->care->machine->name,
                'care' => mb_strtolower($first->care->name())]) }}</p>
        @elseif ($batches)
            <h1>{{ $jobs === 1 ? __('views/today/ask.one_round_today')
                : Str::ucfirst(Uses::small($jobs)).' '.__('views/today/ask.jobs').(count($batches) > 1
                ? ' '.__('views/today/ask.on').' '.Uses::small(count($batches)).' '.__('views/today/ask.machines')
                : ' '.__('views/today/ask.in_one_round')) }}<br>{{
                    trans_choice('views/today/ask.minutes_of_your_hands_2', $hands, [
                        'what' => count($batches) > 1 ? ' '.__('views/today/ask.in_all') : '']) }}</h1>
            <p>
                @if ($handsFree === null && $batches[0]->estimate->wait && $batches[0]->estimate->meanwhile)
                    {{ __('views/today/ask.while_it_soaks', ['meanwhile' => mb_strtolower(implode(', ',
                        array_slice($batches[0]->estimate->meanwhile, 0, 3)))]) }}
                @endif
                @if ($handsFree === null)
                    {{ __('views/today/ask.started_now_all_is_done_at') }} <strong><time data-after="{{ $seconds }}"></time></strong>.
                @else
                    {{ __('plan.waits_used') }}
                    @if ($handsFree < $seconds){{ __('plan.hands_free') }}
                        <strong><time data-after="{{ $handsFree }}"></time></strong>,@endif
                    {{ __('plan.all_done') }} <strong><time data-after="{{ $seconds }}"></time></strong>.
                    <a href="{{ route('plan') }}">{{ __('plan.see') }}</a>
                @endif
            </p>
        @else
            <h1>{{ $dangers ? __('views/today/ask.nothing_else') : __('views/today/ask.nothing') }}<br>{{ $first->care->rhythm()->remindOn
                ? __('views/today/ask.next_on').' '.Dates::longWeekday($first->care->rhythm()->remindOn, $today).'.' : '' }}</h1>
            @if ($first->care->isPutOff($today))
                <p>{{ __('views/today/ask.is_put_off_until_then_you', ['care' => Str::ucfirst($first->care->name()),
                    'machine' => $first->care->machine->name, 'put_off_because' => $first->putOffBecause()]) }}</p>
            @else
                <p>{{ __('views/today/ask.first_comes', ['care' => mb_strtolower($first->care->name()),
                    'machine' => $first->care->machine->name, 'when' => $first->when(),
                        'what' => $first->care->isGraded() ? __('views/today/ask.you_can_open_it_earlier_what')
                    : __('views/today/ask.you_can_do_it_earlier')]) }}</p>
            @endif
        @endif
    </div>
    <div class="ask__do">
        @if ($session)
            <a class="push push--main" href="{{ route('sessions.show', $session) }}">{{ __('plan.to_session') }}</a>
        @elseif ($running)
            <a class="push push--main" href="{{ route('rounds.show', $running) }}">{{ __('views/today/ask.go_on') }}</a>
            <details>
                <summary>{{ __('views/today/ask.stop_this_round') }}</summary>
                <form method="post" action="{{ route('rounds.end', $running) }}">
                    @csrf
                    <input type="hidden" name="how" value="stopped">
                    @if ($openEnds)
                        <p class="hazard mb-2">{{
                            __('views/today/ask.left_open', ['open_ends' => App\Care\Words\OpenEndWords::list($running,
                                $openEnds)]) }}</p>
                        <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required> {{
                            __('views/today/ask.i_know') }}</label>
                    @else
                        <p class="muted small mb-2">{{ __('views/today/ask.what_you_ticked_stays_in_the') }}</p>
                    @endif
                    <button class="push push--hazard">{{ __('views/today/ask.stop_it_for_good') }}</button>
                </form>
            </details>
            @if ($running->machine_id !== $first->care->machine->id && $first->isDue())
                <x-care.start-round :care="$first->care"
                    :procedure="$first->care->fullest()">{{ __('views/today/ask.first', ['machine' => $first->care->machine->name]) }}
                    </x-care.start-round>
            @endif
        @elseif (count($batches) > 1)
            <form method="post" action="{{ route('sessions.store') }}">
                @csrf
                @foreach ($batches as $each)@foreach (array_keys($each->procedures) as $procedure)<input type="hidden" name="jobs[]"
                    value="{{ $each->care->machine->id }}:{{ $procedure }}">@endforeach @endforeach
                <button class="push push--wide push--main">{{ __('plan.begin_all') }}</button>
            </form>
            <x-care.start-together :machine="$batches[0]->care->machine" :procedures="array_keys($batches[0]->procedures)">
                {{ __('plan.only', ['machine' => $batches[0]->care->machine->name]) }}</x-care.start-together>
        @else
            @if (($batch = $data->batch()) && count($batch->procedures) > 1)
                <x-care.start-together :machine="$batch->care->machine" :procedures="array_keys($batch->procedures)"
                    :main="true">{{ __('views/today/ask.start_round') }}</x-care.start-together>
                <x-care.start-round :care="$first->care"
                    :procedure="$first->care->fullest()">
                    {{ __('views/today/ask.only', ['fullest' => mb_strtolower($first->care->procedures()[$first->care->fullest()])])
                        }}</x-care.start-round>
            @else
                <x-care.start-round :care="$first->care" :procedure="$first->care->fullest()" :main="true">{{
                    __('views/today/ask.start_round') }}
                    </x-care.start-round>
                @foreach (array_slice($first->care->procedures(), 1) as $other => $name)
                    <x-care.start-round :care="$first->care" :procedure="$other">{{
                        __('views/today/ask.instead', ['name' => $name]) }}</x-care.start-round>
                @endforeach
            @endif
        @endif
    </div>
</div>
