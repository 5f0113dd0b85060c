<x-layout :title="rtrim($step->title ?? __('views/rounds/show.all_done'), '.').': '.$machine->name" place="today" :in-round="true">
    <x-drawing.scale-symbols :handbook="$handbook" :only="$scales"/>
    <div class="round" x-data="round" x-on:keydown.window="key" data-round="{{ $round->id }}" data-step="{{ $step?->id }}"
        data-current="{{ $view === null || $view->isCurrent ? '1' : '' }}" data-last="{{ $last }}"
        data-script="{{ $round->updated_at?->getTimestamp() }}"
        data-ahead="{{ route('rounds.ahead', $round, false) }}" data-state="{{ route('rounds.state', $round,
            false) }}" data-here="{{ route('rounds.show', $round, false) }}"
        data-keys="{{ json_encode($shortcuts->listened()) }}"
        data-outline="{{ json_encode($outline) }}" data-ticks="{{ json_encode($ticks) }}">
        <nav class="rail" aria-label="{{ __('views/rounds/show.steps_of_this_round') }}">
            <h2>{{ $round->fittedProcedure()->name }}</h2>
            <ol>
                @foreach ($steps as $each)
                    <li @class(['done' => $progress->isDone($each) && $each !== $step, 'skipped' => $progress->isSkipped($each), 'now'
                        => $each === $step])
                        @if ($each === $step) aria-current="step" @endif>
                        @if ($progress->tick($each) && $each !== $step)
                            <a href="{{ route('rounds.show', [$round, 'step' => $each->id]) }}">{{ $each->short }}<span
                                class="visually-hidden">, {{ $progress->isSkipped($each)
                                    ? __('views/rounds/show.left_out') : ($progress->isDone($each) ? __('views/rounds/show.done')
                                : __('views/rounds/show.to_be_done_again')) }}</span></a>
                        @else
                            {{ $each->short }}
                        @endif
                    </li>
                @endforeach
            </ol>
        </nav>

        <section class="tile step" x-ref="tile">
            <div class="stepmark" aria-hidden="true">
                @foreach ($steps as $each)<i @class(['done' => $progress->isDone($each) && $each !== $step, 'now'
                    => $each === $step])></i>@endforeach
            </div>
            @if ($round->care_session_id)<p class="mb-1"><a
                href="{{ route('sessions.show', $round->care_session_id) }}">{{ __('plan.part_of') }}</a></p>@endif
            <p class="offline" role="status" hidden x-ref="offline"></p>
            @if ($number === 1 && $step)<x-page.hint of="round"/>@endif
            <x-trace.called :symptoms="$called"/>
            @if ($step === null)
                <p class="muted mb-0">{{ $machine->name }} · {{ $round->fittedProcedure()->name }}</p>
                <h1 tabindex="-1" autofocus>{{
                    __('views/rounds/show.everything_is_done', ['what' => $openEnds
                        ? ', '.__('views/rounds/show.but_not_everything_is_right') : '']) }}</h1>
                <div class="step__body">
                    @if ($openEnds)
                        <p class="step__say hazard">{{
                            __('views/rounds/show.still_open', ['open_ends' => App\Care\Words\OpenEndWords::list($round,
                                $openEnds)]) }}</p>
                    @else
                        <p class="step__say">{{ __('views/rounds/show.finish_the_round_and_the_next') }}</p>
                    @endif
                    @foreach ($offers as $offer)<p class="remedy">{{
                        __('views/rounds/show.you_found', ['found' => $offer->found, 'why' => $offer->why]) }}</p>@endforeach
                </div>
                <form method="post" action="{{ route('rounds.end', $round) }}">
                    @csrf
                    <input type="hidden" name="how" value="finished">
                    @if ($openEnds)
                        <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required>
                            {{ __('views/rounds/show.i_know_and_i_wont_use') }}</label>
                    @endif
                    <div class="step__do">
                        @if ($before)<a class="push" href="{{ route('rounds.show', [$round, 'step' => $before->id]) }}" x-ref="back"
                            aria-label="{{ __('views/rounds/show.back_to', ['short' => $before->short]) }}">{{
                                __('views/rounds/show.back') }}</a>@endif
                        @foreach ($offers as $offer)<button class="push" name="then"
                            value="{{ $offer->procedure }}">{{
                                __('views/rounds/show.finish_then_start', ['offer' => mb_strtolower($offer->name)]) }}</button>@endforeach
                        <button class="push push--main" x-ref="done">{{ __('views/rounds/show.finish') }} @if ($shortcuts->on)<kbd>{{
                            __('views/rounds/show.space') }}</kbd>@endif</button>
                    </div>
                </form>
            @else
                <p class="muted mb-0" x-ref="where">{{
                    __('views/rounds/show.step_of', ['number' => $number, 'steps' => count($steps), 'machine' => $machine->name]) }}</p>
                <h1 id="ask" x-ref="ask" tabindex="-1" autofocus>{{ $step->title }}</h1>
                @if ($view->asks)<x-form.trait-question :trait="$view->asks" :machine="$machine" :round="$round" :step="$step"/>@endif
                <x-round.step :step-view="$view" :round="$round" :machine="$machine" :handbook="$handbook" :household="$household"
                    :now="$now"/>

                @foreach ($view->verdicts as $verdict)
                    @if ($verdict->found->verdict->refuses())
                        <form method="post" action="{{ route('vessels.clear', [$machine, $verdict->vessel->id]) }}"
                            id="clear-{{ $verdict->vessel->id }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        </form>
                    @endif
                @endforeach
                <p class="said said--trouble" role="alert" hidden x-ref="trouble"></p>
                <div class="step__do">
                    @if ($before)
                        <a class="push" href="{{ route('rounds.show', [$round, 'step' => $before->id]) }}" x-ref="back"
                            aria-label="{{ __('views/rounds/show.back_to', ['short' => $before->short]) }}">←<span
                                class="push__word"> {{ __('views/rounds/show.back_2') }}</span></a>
                    @endif
                    @unless ($view->isCurrent)<a class="push" href="{{ route('rounds.show', $round) }}">{{
                        __('views/rounds/show.on') }}</a>@endunless
                    <button type="button" class="push d-none d-md-inline-flex" x-on:click="keys" aria-label="{{
                        __('views/rounds/show.all_keys') }}">?</button>
                    @if ($refused = $view->refused)<button form="clear-{{ $refused->vessel->id }}"
                        class="push push--main step__clear">{{ $refused->vessel->done }}</button>@endif
                    <button form="tick" @class(['push', 'push--main' => ! $view->refused])
                        x-ref="done">{{ $view->doneWord() }} @if ($shortcuts->on)<kbd>{{
                            __('views/rounds/show.space') }}</kbd>@endif</button>
                </div>
            @endif
        </section>

        <aside class="round__aside">
            <div x-ref="timers" class="stack">
                @foreach ($timers as $timer)
                    @if (! $view?->wait || $timer->step !== $view->wait->step)
                        <section class="tile tile--timer" @if ($loop->first && ! $view?->wait) id="timers" @endif tabindex="-1">
                            <x-round.timer :timer="$timer" :now="$now" :zone="$household->zone()"/></section>
                    @endif
                @endforeach
            </div>
            @if ($notes)
                <section class="tile tile--note">
                    <h2>{{ __('views/rounds/show.your_note') }}</h2>
                    @foreach ($notes as $name => $note)<p class="own-note">@if (count($notes) > 1)<strong>{{ $name }}:</strong>
                        @endif“{{ $note }}”</p>@endforeach
                </section>
            @endif
            <section class="tile">
                <h2>{{ __('views/rounds/show.off_the_machine') }}</h2>
                <div x-ref="tray"><x-round.tray :pieces="$tray" :apart="$apart" :round="$round" :kind="$kind" :traits="$machine->traits"/>
                    </div>
            </section>
            <section class="tile tile--plain">
                <p class="mb-2"><a class="push push--wide" href="{{ route('today') }}" x-ref="pause">{{
                    __('views/rounds/show.pause') }}</a></p>
                <form method="post" action="{{ route('rounds.end', $round) }}">
                    @csrf
                    <input type="hidden" name="how" value="stopped">
                    <details>
                        <summary>{{ __('views/rounds/show.stop_the_round_for_good') }}</summary>
                        @if ($openEnds)
                            <p class="hazard">{{
                                __('views/rounds/show.left_open', ['open_ends' => App\Care\Words\OpenEndWords::list($round,
                                    $openEnds)]) }}</p>
                            <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required> {{
                                __('views/rounds/show.i_know') }}</label>
                        @else
                            <p class="muted small">{{ __('views/rounds/show.what_you_ticked_stays_in_the') }}</p>
                        @endif
                        <button class="push push--hazard">{{ __('views/rounds/show.stop_the_round') }}</button>
                    </details>
                </form>
            </section>
        </aside>

        <x-round.keys :shortcuts="$shortcuts"/>
        <dialog class="keys" x-ref="leave" aria-labelledby="leave-ask">
            <h2 id="leave-ask">{{ __('views/rounds/show.leave_the_round') }}</h2>
            <p>{{ __('views/rounds/show.every_step_you_ticked_is_kept') }}</p>
            <form method="dialog" class="with-gap"><button class="push push--main">{{
                __('views/rounds/show.stay') }}</button><a class="push"
                href="{{ route('today') }}">{{ __('views/rounds/show.leave') }}</a></form>
        </dialog>
    </div>
    @foreach (['round', 'timer', 'photo', 'counts'] as $part)<x-page.words :of="$part"/>@endforeach
</x-layout>
