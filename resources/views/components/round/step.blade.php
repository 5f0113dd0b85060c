@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@use('GoodRinse\Core\Handbook\Procedure\CaptureKind')
<form method="post" action="{{ route('ticks.store', $round) }}" enctype="multipart/form-data" class="step__body" id="tick" x-ref="form"
    x-on:submit="send">
    @csrf
    <input type="hidden" name="id" value="{{ Str::ulid() }}">
    <input type="hidden" name="photo_id" value="{{ Str::ulid() }}">
    <input type="hidden" name="step" value="{{ $step->id }}">
    @if ($stepView->refused)<x-round.chemistry-notes :verdicts="$stepView->verdicts"/>@endif
    @if ($stepView->gate)
        <section class="said-of said-of--refused" role="alert">
            <x-drawing.verdict :verdict="GoodRinse\Core\Chemistry\Verdict::ClearFirst"/>
            <div>
                <h2>{{ __('views/components/round/step.not_like_this') }}</h2>
                <p>{{ Str::ucfirst($stepView->gate) }}.</p>
                <label class="with-gap"><input type="checkbox" name="knows" value="1"> {{
                    __('views/components/round/step.i_know_and_run_it_all') }}</label>
            </div>
        </section>
    @endif
    <div class="step__lead">
        <div>
            @foreach ($step->amounts as $amount)
                <p class="step__amount">{{ $amount->portion->inKitchen($household->measures) }} {{ $handbook->agent($amount->agent)->name }}
                    </p>
                @isset ($stepView->ages[$amount->agent])<p class="step__age">{{ $stepView->ages[$amount->agent] }}</p>@endisset
            @endforeach
            @if ($step->instruction !== '')<p class="step__instruction">{{ $step->instruction }}</p>@endif
        </div>
        @if ($stepView->where)<x-machine.figure :figure="$stepView->where" :due="true" class="step__picture"/>
        @elseif ($step->picture)<x-drawing.step-picture :name="$step->picture"/>@endif
    </div>
    @if ($stepView->wait)
        <div id="timers" tabindex="-1"><x-round.timer :timer="$stepView->wait" :now="$now" :big="true" :zone="$household->zone()"/></div>
    @endif
    @if ($stepView->wait?->runs && $stepView->wait->secondsLeft($now) > 60)
        <label class="with-gap"><input type="checkbox" name="ended" value="1"> {{
            __('views/components/round/step.it_has_ended_before_its_time') }}</label>
    @endif
    @if ($stepView->late)
        <p @class(['late', 'late--harms' => $stepView->late->harms])><strong>{{
            __('views/components/round/step.late', ['value' => Uses::minutes($stepView->late->by->value)]) }}</strong>
            {{ $late() }}</p>
    @endif
    @if ($stepView->because)<p class="remedy">{{ implode(' ', $stepView->because) }}</p>@endif
    @if ($stepView->unlisted)<p class="remedy">{{ __('rounds.unlisted', ['what' => implode(', ', $stepView->unlisted)]) }}</p>@endif
    @if ($stepView->missing)<p class="remedy">{{
        __('views/components/round/step.you_began_without_this_step_wants', ['missing' => implode(', ', $stepView->missing)]) }}</p>@endif
    @if ($cautions = $cautions())
        <div class="cautions">
            @foreach ($cautions as $caution)
                <section class="caution"><h2>{{ $caution->title }}</h2><p>{{ $caution->text }}</p></section>
            @endforeach
        </div>
    @endif

    @if (! $stepView->refused)<x-round.chemistry-notes :verdicts="$stepView->verdicts"/>@endif

    @if ($stepView->kit)<x-round.kit :kit="$stepView->kit" :handbook="$handbook" :measures="$household->measures"
        :answered="$answered"/>@endif

    @if ($failed = $stepView->failed)
        <div class="remedy" role="alert"><strong>{{ $failed->option($answered->answer)->name }}.</strong> {{ $failed->remedy }}
            @if ($stepView->failures > 1 && $failed->measurement)<span class="muted">{{
                __('views/components/round/step.asked_times_so_far', ['failures' => $stepView->failures]) }}</span>@endif
                </div>
    @endif

    @if ($capture?->kind === CaptureKind::Grade)
        @if ($stepView->arms)
            <x-measure.arms :arms="$stepView->arms" :script="$stepView->armsScript" :setup="false"
                :always="$stepView->answered?->details->map !== null"/>
            <p class="arms__or">{{ __('measures.jets.or_judge') }}</p>
        @endif
        <x-round.grades :capture="$capture" :step-view="$stepView" :handbook="$handbook"/>
        @if ($stepView->counted)
            <details class="counts" x-data="counts" x-on:input="judge" x-on:mapped.window="fill"
                @if (old('r') || ($details?->readings)) open @endif>
                <summary>{{ __('views/components/round/step.or_count_the_jets_and_let') }}</summary>
                @foreach ($stepView->counted as $rule)<x-form.measurement :rule="$rule" :given="$given($rule)"
                    :total="$stepView->totals[$rule->id] ?? null"/>@endforeach
                <p class="muted small mb-0" aria-live="polite" x-ref="said"></p>
            </details>
        @endif
        @if ($capture->also)
            <fieldset class="poured-as">
                <legend>{{ $capture->also->ask }}</legend>
                @foreach ($capture->also->options as $option)
                    <label class="chip"><input type="radio" name="also" value="{{ $option->id }}"
                        @checked(old('also', $details?->also) === $option->id)> {{ $option->name }}@if ($option->note)
                        <small class="muted">{{ $option->note }}</small>@endif</label>
                @endforeach
            </fieldset>
        @endif
    @elseif ($capture?->kind === CaptureKind::Tally)
        <div class="tally-up" x-data="tally">
            <input class="clock clock--big nums" type="number" inputmode="numeric" name="answer" required min="1" max="99"
                value="{{ old('answer', $stepView->tally ?: '') }}" placeholder="0" aria-labelledby="ask" x-ref="count">
            <button type="button" class="push push--tally" x-on:click="more">+1</button>
            <p class="muted">{{ __('views/components/round/step.usually_about', ['from' => $capture->from, 'ask' => $capture->ask]) }}</p>
        </div>
    @elseif ($capture)
        <fieldset class="answers" aria-labelledby="ask">
            @foreach ($capture->options as $option)
                <div class="pick">
                    <input type="radio" id="a-{{ $option->id }}" name="answer" value="{{ $option->id }}" required
                        @checked(old('answer', $failed ? null : $answered?->answer) === $option->id)>
                    <label for="a-{{ $option->id }}"><span>{{ $option->name }}</span>
                        @if ($option->note)<small>{{ $option->note }}</small>@endif</label>
                </div>
            @endforeach
        </fieldset>
        @if ($capture->kind === CaptureKind::Confirm && ! $failed)<div class="remedy" hidden data-remedy="{{ $capture->options[1]->id }}">
            <strong>{{ $capture->options[1]->name }}.</strong> {{ $capture->remedy }}</div>@endif
    @endif

    @if ($stepView->asked)
        <div class="readings">@foreach ($stepView->asked as $rule)<x-form.measurement :rule="$rule" :given="$given($rule)"/>@endforeach
            </div>
        @if ($stepView->asksToBeSure())<label class="with-gap"><input type="checkbox" name="sure"
            value="1"> {{ __('measures.grease.sure') }}
            </label>@endif
    @endif


    @if ($stepView->sheet)
        <x-round.apart :sheet="$stepView->sheet" :step="$step" :machine="$machine" :round="$round"/>
    @endif

    @if ($step->timer?->choices)
        <fieldset class="poured-as">
            <legend>{{ __('views/components/round/step.how_long', ['label' => $step->timer->label]) }}</legend>
            @foreach ($step->timer->choices as $choice)<label class="chip"><input type="radio" name="wait" value="{{ $choice }}"
                @checked(old('wait', $stepView->length) === (string) $choice)>
                    {{ App\View\Words\Waits::choice($choice) }}</label>@endforeach
        </fieldset>
    @endif
    @if ($stepView->disagreed)
        <p class="remedy">{{ __('views/components/round/step.you_two_answered_this_differently') }}
            @foreach ($stepView->disagreed as [$who, $when]){{
                __('views/components/round/step.at', ['who' => $who, 'when' => Dates::time($when, $household->zone()),
                    'what' => $loop->last ? ''
            : ', '.__('views/components/round/step.then').' ']) }}@endforeach{{
                __('views/components/round/step.the_later_answer_counts_change_it') }}</p>
    @endif

    @if ($step->after)<p class="step__after">{{
        __('views/components/round/step.after_this', ['after' => lcfirst($step->after)]) }}</p>@endif

    @if ($canBeOverruled())
        <label class="with-gap" data-overrule @if (! $failed) hidden @endif><input type="checkbox" name="overruled" value="1"
            @disabled(! $failed)> {{ $step->mustPass ? __('views/components/round/step.leave_it_like_this_for_now')
            : __('views/components/round/step.leave_it_like_this_and_go') }}</label>
    @endif
    @if ($step->gate && $failed)<p class="muted">{{ __('views/components/round/step.nothing_goes_back_wet_leave_this') }}</p>@endif

    <x-round.extras :view="$stepView" :step="$step" :handbook="$handbook" :machine="$machine"/>
    @if ($stepView->lastPhoto)
        <div>
            <h2 class="small">{{ __('views/components/round/step.this_part_the_last_time', ['last_photo_day' => $lastPhotoDay()]) }}</h2>
            <div class="photos"><img src="{{ route('photos.show', $stepView->lastPhoto) }}" alt="{{
                __('views/components/round/step.picture_taken_at_this_step_the') }}">
                </div>
        </div>
    @endif
    @if ($stepView->photos)
        <div class="photos">@foreach ($stepView->photos as $photo)<img src="{{ route('photos.show', $photo) }}"
            alt="{{ __('views/components/round/step.picture_you_added_at_this_step') }}">@endforeach</div>
    @endif
</form>
