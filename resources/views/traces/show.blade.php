@use('App\Models\Trace')
<x-layout :title="$data->title()" place="kitchen">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a>
        <span class="muted">{{ __('views/traces/show.looked_into_since', ['begun_at' => $data->day($trace->begun_at)]) }}</span></p>
    @if ($trace->ended_at)<h1 tabindex="-1" autofocus>{{ implode('; ', $names) }}.</h1>@else
        <p class="trace__noticed"><strong>{{ implode('; ', $names) }}.</strong> {{ $notes->concluded }}</p>
    @endif
    @unless ($trace->ended_at)<x-page.hint of="trace"/>@endunless
    <div class="trace">
        <div class="stack">
            @if ($urgent)
                <section class="tile tile--hazard" role="alert">
                    <h2>{{ __('traces.first') }}</h2>
                    @foreach ($urgent as $line)<p>{{ $line }}</p>@endforeach
                </section>
            @endif
            @if ($trace->ended_at)
                <section class="tile">
                    <h2>{{ $data->ending() }}</h2>
                    @if ($trace->fixed_by)<p>{{ $trouble->actions[$trace->fixed_by]->name ?? $trace->fixed_by }}{{ $cause
                        ? '. '.__('views/traces/show.what_was_wrong').' '.mb_strtolower($cause).'.' : '' }}</p>@endif
                    @if ($trace->note)<p class="own-note">“{{ $trace->note }}”</p>@endif
                    @if ($trace->cost)<p>{{
                        __('views/traces/show.it_cost', ['cost' => App\View\Words\Money::of($trace->cost, $household)]) }}</p>@endif
                    @if ($trace->ended_how === 'called' && $trace->held === null)<x-trace.told :trace="$trace" :trouble="$trouble"
                        :reading="$reading"/>@endif
                    @if ($trace->ended_how === 'fixed' && $trace->held === null)
                        <p>{{ $ask ? __('views/traces/show.is_it_still_fixed')
                            : __('views/traces/show.after_the_next_two_uses_you') }}</p>
                        <div class="with-gap">
                            @foreach (['1' => __('views/traces/show.yes_it_is'),
                                '0' => __('views/traces/show.no_it_is_back')] as $held => $answer)
                                <form method="post" action="{{ route('traces.held', $trace) }}">
                                    @csrf<input type="hidden" name="held" value="{{ $held }}"><button
                                    @class(['push', 'push--main' => $ask && $held])>{{ $answer }}</button></form>
                            @endforeach
                        </div>
                    @endif
                </section>
            @else
                @if ($reading->conflict)<div class="said said--trouble"
                    role="alert">
                    {{ __('views/traces/show.your_answers_contradict_each_other_take', ['get_message' =>
                        $reading->conflict->getMessage()]) }}</div>@endif
                @foreach ($notes->waits as $line)
                    <p class="said" data-waits>{{ $line }}
                        <a href="{{ route('machines.parts', $machine) }}">{{ __('traces.to_parts') }}</a></p>
                @endforeach
                <section class="tile card-next" aria-labelledby="card">
                    <p class="muted">{{ $card->head() }}</p>
                    <h1 id="card" class="card-next__name" tabindex="-1"
                        @if (count($trace->steps)) autofocus @endif>{{ $data->cardName() }}</h1>
                    @if ($notes->first)<p><strong>{{
                        __('views/traces/show.first') }}</strong> {{ implode(', ', $notes->first) }}.</p>@endif
                    <p class="step__say">{{ $data->cardHow() }}</p>
                    <p><strong>{{ $data->because() }}</strong></p>
                    @if ($card->check)
                        <form method="post" action="{{ route('traces.step', $trace) }}" class="card-next__answers">
                            @csrf
                            <input type="hidden" name="seen" value="{{ count($trace->steps) }}"><input type="hidden" name="kind"
                                value="{{ Trace::ANSWER }}"><input type="hidden" name="card" value="{{ $card->id }}">
                            @foreach ($card->check->results as $result)<button class="push" name="result"
                                value="{{ $result->id }}">{{ $result->name }}</button>@endforeach
                        </form>
                        @if ($notes->together)<p class="small">{{ __('views/traces/show.while_it_is_open_look_here') }}
                            @foreach ($notes->together as $id => $name)<a href="{{ route('traces.show', [$trace, 'card'
                                => $id]) }}">{{ $name }}</a>@if (! $loop->last); @endif @endforeach</p>@endif
                    @elseif ($card->action)
                        @if ($card->procedure)
                            <form method="post" action="/machines/{{ $machine->id }}/rounds" class="mb-3">
                                @csrf<input type="hidden" name="procedure" value="{{ $card->action->procedure }}"><button
                                class="push push--main">{{
                                    __('views/traces/show.start', ['procedure' => mb_strtolower($card->procedure)]) }}</button></form>
                            <p class="muted">{{ __('views/traces/show.done_did_it_help') }}</p>
                        @endif
                        @if ($card->newPart)<p><a href="{{ route('machines.parts', [$machine, 'part' => $card->newPart]) }}">{{
                            __('views/traces/show.order_the_part_first') }}</a></p>@endif
                        <div class="card-next__answers">
                            <form method="post" action="{{ route('traces.end', $trace) }}">
                                @csrf<input type="hidden" name="how" value="fixed"><input type="hidden" name="action"
                                value="{{ $card->id }}"><button
                                    class="push">{{ $card->action->helped ?? __('views/traces/show.it_helped') }}</button></form>
                            <form method="post" action="{{ route('traces.step', $trace) }}">
                                @csrf<input type="hidden" name="seen" value="{{ count($trace->steps) }}"><input type="hidden" name="kind"
                                value="{{ Trace::FAILED }}"><input type="hidden" name="card" value="{{ $card->id }}"><button
                                class="push">{{ __('views/traces/show.it_did_not') }}</button></form>
                        </div>
                    @elseif (! $reading->callIsOfUse)
                        <div class="with-gap">
                            <form method="post" action="{{ route('traces.end', $trace) }}">
                                @csrf<input type="hidden" name="how" value="lives"><button class="push push--main">{{
                                    __('views/traces/show.live_with_it') }}</button>
                                    </form>
                            <form method="post" action="{{ route('traces.end', $trace) }}">
                                @csrf<input type="hidden" name="how" value="replaced"><button class="push">{{
                                    __('views/traces/show.it_is_replaced') }}</button></form>
                        </div>
                    @else
                        <div class="with-gap">
                            <a class="push push--main" href="{{ route('traces.sheet', $trace) }}">{{
                                __('views/traces/show.call_sheet') }}</a>
                            <form method="post" action="{{ route('traces.end', $trace) }}">
                                @csrf<input type="hidden" name="how" value="called"><button class="push">{{
                                    __('views/traces/show.somebody_is_called') }}</button></form>
                        </div>
                    @endif
                    @unless ($card->isCall())
                        <form method="post" action="{{ route('traces.step', $trace) }}" class="mt-2">
                            @csrf<input type="hidden" name="seen" value="{{ count($trace->steps) }}"><input type="hidden" name="kind"
                            value="{{ Trace::SKIPPED }}"><input type="hidden" name="card" value="{{ $card->id }}"><button
                            class="push push--quiet">{{ $card->check
                                ? __('views/traces/show.dont_know_or_cant_look') : __('views/traces/show.cant_do_this') }}</button></form>
                    @endunless
                </section>
                @if ($notes->open)<p class="small">{{
                    __('views/traces/show.open_now_a_round_puts_it', ['open' => implode(', ', $notes->open)]) }}</p>@endif
                @foreach ($leftOut as $name => $reason)
                    <p class="muted small">{{ __('traces.not_offered', ['name' => $name, 'reason' => $reason]) }}</p>
                @endforeach
                @unless ($reading->callForSafety)
                <section class="tile price">
                    <div><span class="muted">{{ __('views/traces/show.going_on_about') }}</span><strong>{{
                        __('views/traces/show.min', ['price' => $price['minutes'], 'price2' => $price['money'] > 0
                        ? ' '.__('views/traces/show.and').' '.App\View\Words\Money::of($price['money'], $household)
                            : '']) }}</strong></div>
                    <div><span class="muted">{{
                        __('views/traces/show.calling_now') }}</span><strong>{{ App\View\Words\Money::of($household->call_fee,
                        $household) }}</strong></div>
                    <div><span class="muted">{{
                        __('views/traces/show.you_put_it_right_yourself') }}</span><strong>{{ $price['chance'] }}</strong></div>
                    @if ($price['stop'] && $reading->callIsOfUse)<p class="muted mb-0">
                        {{ __('views/traces/show.call_when_has_not_helped_either', ['price' => $price['stop']]) }}</p>@endif
                </section>
                @endunless
                <details class="tile">
                    <summary>{{ __('views/traces/show.other_options_cheapest_first') }}</summary>
                    <ul class="clean-list rows">
                        @foreach ($cards as $other)
                            @continue($other->next)
                            <li><a href="{{ route('traces.show', [$trace, 'card' => $other->id]) }}">{{ $other->name() }}</a>
                                @if ($more = $other->more())<span class="muted">{{
                                    __('views/traces/show.more_by_about', ['more' => $more]) }}</span>@endif</li>
                        @endforeach
                    </ul>
                </details>
                <p class="with-gap">@unless ($card->isCall())<a class="push push--quiet"
                    href="{{ route('traces.sheet', $trace) }}">{{ __('views/traces/show.call_sheet') }}</a>@endunless
                    <form method="post" action="{{ route('traces.end', $trace) }}">
                    @csrf<input type="hidden" name="how" value="left"><button class="push push--quiet">{{
                        __('views/traces/show.leave_it_as_it_is') }}</button></form>
                    <form method="post" action="{{ route('traces.end', $trace) }}">
                    @csrf<input type="hidden" name="how" value="replaced"><button
                    class="push push--quiet">{{ __('views/traces/show.it_is_replaced') }}</button></form></p>
            @endif
        </div>
        <div class="stack">
            <section class="tile">
                <h2>{{ __('views/traces/show.suspects') }}</h2>
                <ul class="suspects">
                    @foreach ($suspects as $suspect)
                        <li>
                            <span>{{ $suspect['name'] }}@if ($suspect['moved'])<small
                                class="muted">{{ $suspect['moved'] }}</small>@endif</span>
                            <svg viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
                                <rect class="in-line" width="100" height="12" rx="3"/>
                                <rect class="in-rim" width="{{ max(1, $suspect['now']) }}" height="12" rx="3"/>@if (count($trace->steps))
                                <rect class="in-copper" x="{{ min(99, $suspect['before']) }}" width="1.2" height="12"/>@endif</svg>
                            <strong>{{ $suspect['chance'] }}</strong>
                        </li>
                    @endforeach
                </ul>
                @if (count($trace->steps))<p class="muted small mb-0">{{
                    __('views/traces/show.copper_mark_before_your_last_answer') }}</p>@endif
            </section>
            <section class="tile">
                <h2>{{ __('views/traces/show.what_you_told_it') }}</h2>
                @if ($trace->display)<p class="mb-1">{{ __('traces.displayed', ['display' => $trace->display]) }}</p>@endif
                @foreach ($told as $known)<p class="mb-1">{{ $known }} <span class="muted small">{{
                    __('views/traces/show.from_the_logbook') }}</span></p>@endforeach
                @forelse ($steps as $place => $said)
                    <form class="told" method="post" action="{{ route('traces.back', $trace) }}">
                        @csrf
                        <input type="hidden" name="seen" value="{{ count($trace->steps) }}"><input type="hidden" name="place"
                            value="{{ $place }}">
                        <span>{{ $said }}</span>
                        @unless ($trace->ended_at)<button class="push push--quiet"
                            aria-label="{{ __('views/traces/show.take_back', ['said' => $said]) }}">{{
                                __('views/traces/show.take_back_2') }}</button>@endunless
                    </form>
                @empty
                    @unless ($told || $trace->display)<p class="muted mb-0">{{ __('views/traces/show.nothing_yet') }}</p>@endunless
                @endforelse
            </section>
            @if ($notes->beside)
                <section class="tile">
                    <h2>{{ __('views/traces/show.also_open_on_it') }}</h2>
                    @foreach ($notes->beside as $name => $other)<p class="mb-1">
                        <a href="{{ route('traces.show', $other) }}">{{ $name }}</a></p>@endforeach
                    <p class="muted small mb-0">{{ __('views/traces/show.one_fault_does_not_explain_both') }}</p>
                </section>
            @endif
            @if ($photo)<section class="tile photos"><img src="{{ route('photos.show', $photo) }}" alt="{{
                __('views/traces/show.picture_of_what_was_noticed') }}">
                </section>@endif
            @if ($learned)
                <section class="tile">
                    <h2>{{ __('views/traces/show.learned_here') }}</h2>
                    @foreach ($learned as $name => $times)<p class="mb-1">
                        {{ __('views/traces/show.confirmed', ['name' => $name,
                            'what' => $times === 1
                                ? __('views/traces/show.once') : $times.' '.__('views/traces/show.times')]) }}</p>@endforeach
                    <form method="post" action="{{ route('traces.forget', $machine) }}">
                        @csrf<button class="push push--quiet">{{ __('views/traces/show.start_from_the_handbook_again') }}</button></form>
                </section>
            @endif
            @if ($before)
                <section class="tile">
                    <h2>{{ __('views/traces/show.here_before') }}</h2>
                    @foreach ($before as [$name, $other])<p class="mb-1">
                        {{ $name }}, {{ $data->day($other->ended_at) }}{{ $other->held ? '. '.__('views/traces/show.it_held') : '' }}
                        <a href="{{ route('traces.show', $other) }}">{{ __('views/traces/show.see_it') }}</a></p>@endforeach
                </section>
            @endif
        </div>
    </div>
</x-layout>
