@props(['view', 'round', 'machine', 'handbook', 'household', 'now'])
{{-- What a step asks and takes, as a form that posts by itself where there is no script. --}}
@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@use('GoodRinse\Core\Handbook\Procedure\CaptureKind')
@php
    $step = $view->step;
    $measures = $household->measures;
    $answered = $view->answered;
    $details = $answered?->details;
    $failed = $view->failed;
    $capture = $step->capture;
    $sheet = $view->sheet;
    $cautions = array_unique([...$step->cautions, ...($step->takesOff ? $sheet?->holding->cautions ?? [] : [])]);
    $given = fn ($rule) => $details?->reading($rule->id);
@endphp
<form method="post" action="{{ route('ticks.store', $round) }}" enctype="multipart/form-data" class="step__body" id="tick" x-ref="form"
    x-on:submit="send">
    @csrf
    <input type="hidden" name="id" value="{{ Str::ulid() }}">
    <input type="hidden" name="photo_id" value="{{ Str::ulid() }}">
    <input type="hidden" name="step" value="{{ $step->id }}">
    @if ($view->refused)<x-round.chemistry-notes :verdicts="$view->verdicts"/>@endif
    @if ($view->gate)
        <section class="said-of said-of--refused" role="alert">
            <x-drawing.verdict :verdict="GoodRinse\Core\Chemistry\Verdict::ClearFirst"/>
            <div>
                <h2>Not like this</h2>
                <p>{{ Str::ucfirst($view->gate) }}.</p>
                <label class="with-gap"><input type="checkbox" name="knows" value="1"> I know, and run it all the same.</label>
            </div>
        </section>
    @endif
    <div class="step__lead">
        <div>
            @foreach ($step->amounts as $amount)
                <p class="step__amount">{{ $amount->portion->inKitchen($measures) }} {{ $handbook->agent($amount->agent)->name }}</p>
            @endforeach
            <p class="step__say">{{ $step->say }}</p>
        </div>
        @if ($step->picture)<x-drawing.step-picture :name="$step->picture"/>@endif
    </div>
    @if ($view->wait)
        <div id="timers" tabindex="-1"><x-round.timer :timer="$view->wait" :now="$now" :big="true" :zone="$household->zone()"/></div>
    @endif
    @if ($view->wait?->runs && $view->wait->secondsLeft($now) > 60)
        <label class="with-gap"><input type="checkbox" name="ended" value="1"> It has ended before its time.</label>
    @endif
    @if ($view->late)
        <p @class(['late', 'late--harms' => $view->late->harms])><strong>{{ Uses::minutes($view->late->by->value) }} late.</strong>
            {{ $view->late->harms ? 'That is longer than the '.(int) $view->late->most->value.' minutes it may be. '.$view->late->means
            : ($view->late->means && ! $view->late->most ? $view->late->means : __('rounds.late.harmless')) }}</p>
    @endif
    @if ($view->because)<p class="remedy">{{ implode(' ', $view->because) }}</p>@endif
    @if ($view->missing)<p class="remedy">You began without: {{ implode(', ', $view->missing) }}. This step wants it.</p>@endif
    @if ($cautions)
        <div class="cautions">
            @foreach ($cautions as $id)
                @php($caution = $handbook->caution($id))
                <section class="caution"><h2>{{ $caution->title }}</h2><p>{{ $caution->text }}</p></section>
            @endforeach
        </div>
    @endif

    @if (! $view->refused)<x-round.chemistry-notes :verdicts="$view->verdicts"/>@endif

    @if ($view->kit)
        @php($shown = [...array_map(fn ($item) => $item->id, $view->kit->items), ...array_map(fn ($agent)
            => "agent:$agent->id", $view->kit->agents)])
        @php($had = fn (string $id): bool => in_array($id, (array) old('have', $answered ? array_diff($shown, $details->missing)
            : []), true))
        <div x-data="kit">
            <ul class="kit">
                @foreach ($view->kit->items as $item)
                    <li><label>@unless ($item->if)<input type="hidden" name="kit[]" value="{{ $item->id }}">@endunless<input type="checkbox"
                        name="have[]" value="{{ $item->id }}"
                        @checked($had($item->id))><span>{{ $handbook->kitName($item->id) }}@if ($item->for)
                        <small class="muted">for {{ implode(', ', $item->for) }}</small>@endif @if ($item->if)
                        <small class="muted">{{ App\Care\Words\KitWords::why($item->if) }}</small>@endif</span></label></li>
                @endforeach
                @foreach ($view->kit->agents as $agent)
                    <li><label>@if ($agent->sure)<input type="hidden" name="kit[]" value="agent:{{ $agent->id }}">@endif<input
                        type="checkbox" name="have[]" value="agent:{{ $agent->id }}"
                        @checked($had("agent:$agent->id"))><span>{{ ($agent->sure
                        ?? $agent->most)->inKitchen($measures) }} {{ $handbook->agent($agent->id)->name }} @if ($agent->if)
                        <small class="muted">{{ $agent->sure
                        ? __('rounds.kit_upto', ['amount' => $agent->most->inKitchen($measures), 'why'
                        => App\Care\Words\KitWords::why($agent->if)])
                        : App\Care\Words\KitWords::why($agent->if) }}</small>@endif</span></label></li>
                @endforeach
            </ul>
            @if ($view->kit->items || $view->kit->agents)
                <p class="with-gap mt-3 mb-0">
                    <button type="button" class="push" x-on:click="all" data-all-here>It is all here</button>
                    <label class="with-gap"><input type="checkbox" name="without" value="1"> Go on without what isn't ticked</label>
                </p>
            @endif
        </div>
    @endif

    @if ($failed)
        <div class="remedy" role="alert"><strong>{{ $failed->option($answered->answer)->name }}.</strong> {{ $failed->remedy }}
            @if ($view->failures > 1 && $failed->reading)<span class="muted">Asked {{ $view->failures }} times so far.</span>@endif</div>
    @endif

    @if ($capture?->kind === CaptureKind::Grade)
        @php($grades = $handbook->scales()->scale($capture->scale)->grades)
        <fieldset class="swatches" x-data="grade" aria-labelledby="ask">
            @foreach ($grades as $grade)
                <div class="pick">
                    <input type="radio" id="a-{{ $grade->id }}" name="answer" value="{{ $grade->id }}" required
                        @checked(old('answer', $answered?->answer) === $grade->id)
                        aria-describedby="look-{{ $grade->id }}" data-preview="{{ $view->previews[$grade->id]
                            ?? $grade->look }}" data-fraction="{{ $grade->fraction->value }}" x-on:change="show">
                    <label for="a-{{ $grade->id }}"><x-drawing.swatch :grade="$grade" :size="72"/>{{ $grade->name }}<small aria-hidden="true"
                        class="nums">{{ $loop->iteration }}</small></label>
                    <span class="visually-hidden" id="look-{{ $grade->id }}">{{ $grade->look }}</span>
                </div>
            @endforeach
        </fieldset>
        @if (count($capture->options) > count($grades))
            <p class="mb-0"><label class="chip"><input type="radio" name="answer"
                value="{{ GoodRinse\Core\Handbook\Procedure\Capture::UNSEEN }}"
                @checked(old('answer', $answered?->answer) === GoodRinse\Core\Handbook\Procedure\Capture::UNSEEN)>
                {{ $capture->options[count($grades)]->name }}</label></p>
        @endif
        <p class="preview" id="preview" aria-live="polite">{{ $view->previews[$answered?->answer] ?? '' }}</p>
        @if ($view->counted)
            <details class="counts" x-data="counts" x-on:input="judge" @if (old('r') || ($details?->readings)) open @endif>
                <summary>Or count the jets, and let that decide</summary>
                @foreach ($view->counted as $rule)<x-form.measurement :rule="$rule" :given="$given($rule)"
                    :total="$view->totals[$rule->id] ?? null"/>@endforeach
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
                value="{{ old('answer', $view->tally ?: '') }}" placeholder="0" aria-labelledby="ask" x-ref="count">
            <button type="button" class="push push--tally" x-on:click="more">+1</button>
            <p class="muted">Usually about {{ $capture->from }}. {{ $capture->ask }}</p>
        </div>
    @elseif ($capture)
        <fieldset class="answers" aria-labelledby="ask">
            @foreach ($capture->options as $option)
                <div class="pick">
                    <input type="radio" id="a-{{ $option->id }}" name="answer" value="{{ $option->id }}" required
                        @checked(old('answer', $failed ? null : $answered?->answer) === $option->id)>
                    <label for="a-{{ $option->id }}"><span>{{ $option->name }}</span>@if ($option->note)<small>{{ $option->note }}</small>@endif</label>
                </div>
            @endforeach
        </fieldset>
        @if ($capture->kind === CaptureKind::Confirm && ! $failed)<div class="remedy" hidden data-remedy="{{ $capture->options[1]->id }}">
            <strong>{{ $capture->options[1]->name }}.</strong> {{ $capture->remedy }}</div>@endif
    @endif

    @if ($view->asked)
        <div class="readings">@foreach ($view->asked as $rule)<x-form.measurement :rule="$rule" :given="$given($rule)"/>@endforeach</div>
    @endif


    @if ($sheet && ($step->takesOff || $step->putsBack))
        <div class="step__apart">
            <x-drawing.hold :by="$sheet->holding->by"/>
            <div>
                <h2>On your {{ $machine->name }}</h2>
                @if ($step->takesOff && $sheet->lines)<ol>@foreach ($sheet->lines as $each)<li>{{ $each }}</li>@endforeach</ol>@endif
                @if ($sheet->comesAlong())<p>{{ $step->takesOff ? 'Comes along' : 'Goes back with it' }}:
                    <strong>{{ implode(', ', $sheet->inFull()) }}</strong>.</p>@endif
                @if ($sheet->holding->way)<p>{{ $sheet->holding->way }}</p>@endif
                @if ($sheet->own->note)<p class="own-note">“{{ $sheet->own->note }}”</p>@endif
                @if ($sheet->own->photo)<div class="photos">
                    <img src="{{ route('photos.show', $sheet->own->photo) }}"
                    alt="Your picture of how the {{ mb_strtolower($sheet->name) }} is held"></div>@endif
                <p class="mb-0 small">
                    <a href="{{ route('machines.apart.edit', [$machine, $sheet->part, 'round' => $round->id]) }}">Mine is different</a></p>
            </div>
        </div>
    @endif

    @if ($step->timer?->choices)
        @php($picked = old('wait', $view->length))
        <fieldset class="poured-as">
            <legend>{{ $step->timer->label }}: how long?</legend>
            @foreach ($step->timer->choices as $choice)<label class="chip"><input type="radio" name="wait" value="{{ $choice }}"
                @checked($picked === (string) $choice)> {{ App\View\Words\Waits::choice($choice) }}</label>@endforeach
        </fieldset>
    @endif
    @if ($view->disagreed)
        <p class="remedy">You two answered this differently:
            @foreach ($view->disagreed as [$who, $when]){{ $who }} at {{ Dates::time($when, $household->zone()) }}{{ $loop->last ? ''
            : ', then ' }}@endforeach. The later answer counts; change it here if it is wrong.</p>
    @endif

    @if ($step->after)<p class="step__after">After this: {{ lcfirst($step->after) }}</p>@endif

    @if ($capture?->kind === CaptureKind::Confirm && ! $step->gate)
        <label class="with-gap" data-overrule @if (! $failed) hidden @endif><input type="checkbox" name="overruled" value="1"
            @disabled(! $failed)> {{ $step->mustPass ? 'Leave it like this for now. I won’t use it before it is put right.'
            : 'Leave it like this and go on. It stays open, and Today reminds me.' }}</label>
    @endif
    @if ($step->gate && $failed)<p class="muted">Nothing goes back wet. Leave this page; the round waits with the tray as it is.</p>@endif

    <div class="extras">
        @if ($step->putsBack && $sheet?->comesAlong())
            <details>
                <summary>Something is left over</summary>
                @foreach ([...array_column($sheet->holding->pieces, 'name'), ...$sheet->holding->loose] as $piece)
                    <div class="stepper" x-data="stepper"><button type="button" class="push" x-on:click="less"
                        aria-label="One {{ $piece }} fewer">−</button><input class="form-control nums" type="number" inputmode="numeric"
                        min="0" max="40" name="left[{{ $piece }}]" aria-label="{{ $piece }} left over"
                        value="{{ old("left.$piece", $details->leftOver[$piece] ?? 0) }}" x-ref="count"><button type="button" class="push"
                        x-on:click="more" aria-label="One {{ $piece }} more">+</button> <span>{{ $piece }}</span></div>
                @endforeach
            </details>
        @endif
        @if ($step->amounts)
            <details>
                <summary>Poured another amount</summary>
                <fieldset class="poured-as">
                    <legend class="visually-hidden">How much was poured?</legend>
                    @foreach (['0' => 'nothing', '0.5' => 'half', '1' => 'as said', '1.5' => 'half as much again', '2' => 'twice'] as $share => $name)
                        <label class="chip"><input type="radio" name="share" value="{{ $share }}"
                            @checked((float) old('share', $answered->share ?? 1) === (float) $share)> {{ $name }}</label>
                    @endforeach
                </fieldset>
                @if ($strong = $handbook->agent($step->amounts[0]->agent)->strengths)
                    <fieldset class="poured-as">
                        <legend class="small">Strength on the bottle</legend>
                        @foreach ($strong as $percent)
                            <label class="chip"><input type="radio" name="strength" value="{{ $percent }}"
                                @checked((float) old('strength', $answered->strength ?? $step->amounts[0]->strength ?? 0) === $percent)>
                                {{ $percent }} %</label>
                        @endforeach
                    </fieldset>
                @endif
            </details>
        @endif
        <details @if (old('note')) open @endif>
            <summary>Add a note</summary>
            <label class="visually-hidden" for="note">Note</label>
            <textarea class="form-control" id="note" name="note" rows="3" maxlength="2000" x-ref="note">{{ is_string(old('note')) ? old('note') : '' }}</textarea>
        </details>
        <div x-data="photo">
            <label class="push file"><span x-text="label">Add a picture</span><input type="file" name="photo"
                accept="image/jpeg,image/png,image/webp" capture="environment" x-on:change="chosen"></label>
            @error('photo')<p class="wrong">{{ $message }}</p>@enderror
        </div>
        @if ($view->canBeSkipped() && ! ($answered && $answered->how === 'done' && ! $failed))
            <button class="push push--quiet" name="how" value="skipped"
                formnovalidate>{{ $step->takesOff ? 'I leave it on' : ($step->putsBack ? 'I leave it off for now'
                : ($step->mustPass ? 'Leave this check out; it stays open' : 'Leave this step out')) }}</button>
        @endif
    </div>
    @if ($view->lastPhoto)
        <div>
            <h2 class="small">This part, the last time ({{ Dates::short(GoodRinse\Core\Quantity\Day::at($view->lastPhoto->taken_at,
                $household->zone())) }})</h2>
            <div class="photos"><img src="{{ route('photos.show', $view->lastPhoto) }}" alt="Picture taken at this step the last time">
                </div>
        </div>
    @endif
    @if ($view->photos)
        <div class="photos">@foreach ($view->photos as $photo)<img src="{{ route('photos.show', $photo) }}"
            alt="Picture you added at this step">@endforeach</div>
    @endif
</form>
