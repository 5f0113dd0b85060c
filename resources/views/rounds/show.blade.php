@php
    use App\View\Words\Dates;
    $measures = $household->measures;
    $tray = $progress->tray();
    $traits = $machine->traits;
    $answered = $step ? $progress->tick($step) : null;
    $failed = $step ? $progress->failed() : null;
    $failed = $failed && $isCurrent ? $failed : null;
@endphp
<x-layout :title="$step->title ?? 'All done'" place="today" :in-round="true">
    <x-mesh-symbols :handbook="$handbook"/>
    <div class="round" x-data="round" x-on:keydown.window="key">
        <nav class="rail" aria-label="Steps of this round">
            <h2>{{ $round->fittedProcedure()->name }}</h2>
            <ol>
                @foreach ($steps as $each)
                    @php($done = $progress->isDone($each))
                    <li @class(['done' => $done && $each !== $step, 'now' => $each === $step]) @if ($each === $step) aria-current="step" @endif>
                        @if ($progress->tick($each) && $each !== $step)
                            <a href="{{ route('rounds.show', [$round, 'step' => $each->id]) }}">{{ $each->short }}<span class="visually-hidden">, {{ $done ? 'done' : 'to be done again' }}</span></a>
                        @else
                            {{ $each->short }}
                        @endif
                    </li>
                @endforeach
            </ol>
        </nav>

        <section class="tile step">
            <div class="stepmark" aria-hidden="true">
                @foreach ($steps as $each)<i @class(['done' => $progress->isDone($each) && $each !== $step, 'now' => $each === $step])></i>@endforeach
            </div>
            @if ($step === null)
                <p class="muted mb-0">{{ $machine->name }} · {{ $round->fittedProcedure()->name }}</p>
                <h1>Everything is done{{ $openEnds ? ', but not everything is right' : '' }}.</h1>
                <div class="step__body">
                    @if ($openEnds)
                        <p class="step__say hazard">Still open: {{ App\Support\OpenEndWords::list($round, $openEnds) }}.</p>
                    @else
                        <p class="step__say">Finish the round, and the next date follows from what you found.</p>
                    @endif
                </div>
                <form method="post" action="{{ route('rounds.end', $round) }}">
                    @csrf
                    <input type="hidden" name="how" value="finished">
                    @if ($openEnds)
                        <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required> I know, and I won't use it before it is put right.</label>
                    @endif
                    <div class="step__do">
                        @if ($before)<a class="push" href="{{ route('rounds.show', [$round, 'step' => $before->id]) }}" x-ref="back" aria-label="Back to: {{ $before->short }}">← Back</a>@endif
                        <button class="push push--main" x-ref="done">Finish <kbd>space</kbd></button>
                    </div>
                </form>
            @else
                <p class="muted mb-0">Step {{ $number }} of {{ count($steps) }} · {{ $machine->name }}</p>
                <h1 id="ask">{{ $step->title }}</h1>
                <form method="post" action="{{ route('ticks.store', $round) }}" enctype="multipart/form-data" class="step__body" id="tick" x-ref="form" x-on:submit="send">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <input type="hidden" name="photo_id" value="{{ Str::ulid() }}">
                    <input type="hidden" name="step" value="{{ $step->id }}">
                    @if ($refused)<x-said-of :verdicts="$verdicts"/>@endif
                    <div class="step__lead">
                        <div>
                            @foreach ($step->amounts as $amount)
                                <p class="step__amount">{{ $amount->portion->inKitchen($measures) }} {{ $handbook->agent($amount->agent)->name }}</p>
                            @endforeach
                            <p class="step__say">{{ $step->say }}</p>
                        </div>
                        @if ($step->picture)<x-step-picture :name="$step->picture"/>@endif
                    </div>
                    @if ($step->cautions)
                        <div class="cautions">
                            @foreach ($step->cautions as $id)
                                @php($caution = $handbook->caution($id))
                                <section class="caution"><h2>{{ $caution->title }}</h2><p>{{ $caution->text }}</p></section>
                            @endforeach
                        </div>
                    @endif

                    @if (! $refused)<x-said-of :verdicts="$verdicts"/>@endif

                    @if ($kit)
                        <ul class="kit">
                            @foreach ($kit->tools as $tool)
                                <li><label><input type="checkbox"><span>{{ $handbook->kitName($tool) }}</span></label></li>
                            @endforeach
                            @foreach ($kit->agents as $agent => $portion)
                                <li><label><input type="checkbox"><span>{{ $portion->inKitchen($measures) }} {{ $handbook->agent($agent)->name }}</span></label></li>
                            @endforeach
                        </ul>
                    @endif

                    @if ($failed)
                        <div class="remedy" role="alert"><strong>{{ $failed->option($answered->answer)->name }}.</strong> {{ $failed->remedy }}</div>
                    @endif

                    @if ($step->capture?->kind === GoodRinse\Core\Handbook\CaptureKind::Grade)
                        <fieldset class="swatches" x-data="grade" aria-labelledby="ask">
                            @foreach ($handbook->grades() as $grade)
                                <div class="pick">
                                    <input type="radio" id="a-{{ $grade->id }}" name="answer" value="{{ $grade->id }}" required @checked(old('answer', $answered?->answer) === $grade->id)
                                        aria-describedby="look-{{ $grade->id }}" data-preview="{{ $previews[$grade->id] ?? $grade->look }}" x-on:change="show">
                                    <label for="a-{{ $grade->id }}"><x-swatch :grade="$grade" :size="72"/>{{ $grade->name }}<small aria-hidden="true" class="nums">{{ $loop->iteration }}</small></label>
                                    <span class="visually-hidden" id="look-{{ $grade->id }}">{{ $grade->look }}</span>
                                </div>
                            @endforeach
                        </fieldset>
                        <p class="preview" id="preview" aria-live="polite">{{ $previews[$answered?->answer] ?? '' }}</p>
                    @elseif ($step->capture)
                        <fieldset class="answers" aria-labelledby="ask">
                            @foreach ($step->capture->options as $option)
                                <div class="pick">
                                    <input type="radio" id="a-{{ $option->id }}" name="answer" value="{{ $option->id }}" required @checked(old('answer', $failed ? null : $answered?->answer) === $option->id)>
                                    <label for="a-{{ $option->id }}"><span>{{ $option->name }}</span>@if ($option->note)<small>{{ $option->note }}</small>@endif</label>
                                </div>
                            @endforeach
                        </fieldset>
                    @endif

                    @if ($wait)
                        <div id="timers" tabindex="-1"><x-timer :timer="$wait" :now="$now" :big="true" :zone="$household->zone()"/></div>
                    @endif

                    @if ($step->takesOff && ($off = $kind->part($step->takesOff)->comesOff($traits)))
                        <div class="step__apart">
                            @if ($step->takesOff === 'filter')<x-option-drawing :name="'filter-'.($traits['filter'] ?? 'twist-out')"/>@endif
                            <div>
                                <h2>On your {{ $machine->name }}</h2>
                                <ol>@foreach ($off as $each)<li>{{ $each }}</li>@endforeach</ol>
                            </div>
                        </div>
                    @endif

                    @if ($step->after)<p class="step__after">After this: {{ lcfirst($step->after) }}</p>@endif

                    @if ($step->mustPass && $failed)
                        <label class="with-gap"><input type="checkbox" name="overruled" value="1"> Leave it so for now. I won't use it like that.</label>
                    @endif

                    <div class="extras">
                        @if ($step->amounts)
                            <details>
                                <summary>Poured another amount</summary>
                                <fieldset class="poured-as">
                                    <legend class="visually-hidden">How much was poured?</legend>
                                    @foreach (['0' => 'nothing', '0.5' => 'half', '1' => 'as said', '1.5' => 'half as much again', '2' => 'twice'] as $share => $name)
                                        <label class="chip"><input type="radio" name="share" value="{{ $share }}" @checked((float) old('share', $answered->share ?? 1) === (float) $share)> {{ $name }}</label>
                                    @endforeach
                                </fieldset>
                                @if ($strong = $handbook->agent($step->amounts[0]->agent)->strengths)
                                    <fieldset class="poured-as">
                                        <legend class="small">Strength on the bottle</legend>
                                        @foreach ($strong as $percent)
                                            <label class="chip"><input type="radio" name="strength" value="{{ $percent }}" @checked((float) old('strength', $answered->strength ?? $step->amounts[0]->strength ?? 0) === $percent)> {{ $percent }} %</label>
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
                        @if ($step->capture?->kind === GoodRinse\Core\Handbook\CaptureKind::Grade)
                            <div x-data="photo">
                                <label class="push file"><span x-text="label">Add a picture</span><input type="file" name="photo" accept="image/jpeg,image/png,image/webp" capture="environment" x-on:change="chosen"></label>
                                @error('photo')<p class="wrong">{{ $message }}</p>@enderror
                            </div>
                        @endif
                    </div>
                    @if ($lastPhoto)
                        <div>
                            <h2 class="small">This part, the last time ({{ Dates::short(GoodRinse\Core\Quantity\Day::at($lastPhoto->taken_at, $household->zone())) }})</h2>
                            <div class="photos"><img src="{{ route('photos.show', $lastPhoto) }}" alt="Picture taken at this step the last time"></div>
                        </div>
                    @endif
                    @if ($photos->where('step', $step->id)->isNotEmpty())
                        <div class="photos">@foreach ($photos->where('step', $step->id) as $photo)<img src="{{ route('photos.show', $photo) }}" alt="Picture you added at this step">@endforeach</div>
                    @endif
                </form>
                @foreach ($verdicts as $verdict)
                    @if ($verdict->found->verdict->refuses())
                        <form method="post" action="{{ route('vessels.clear', [$machine, $verdict->vessel->id]) }}" id="clear-{{ $verdict->vessel->id }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        </form>
                    @endif
                @endforeach
                <p class="said said--trouble" role="alert" hidden x-ref="trouble"></p>
                <div class="step__do">
                    @if ($before)
                        <a class="push" href="{{ route('rounds.show', [$round, 'step' => $before->id]) }}" x-ref="back" aria-label="Back to: {{ $before->short }}">← Back</a>
                    @endif
                    @unless ($isCurrent)<a class="push" href="{{ route('rounds.show', $round) }}">On →</a>@endunless
                    <button type="button" class="push d-none d-md-inline-flex" x-on:click="keys" aria-label="All keys">?</button>
                    @if ($refused)<button form="clear-{{ $refused->vessel->id }}" class="push push--main step__clear">{{ $refused->vessel->done }}</button>@endif
                    <button form="tick" @class(['push', 'push--main' => ! $refused]) x-ref="done">{{ $wait && $wait->secondsLeft($now) > 0 ? 'Take it out now' : 'Done' }} <kbd>space</kbd></button>
                </div>
            @endif
        </section>

        <aside class="round__aside">
            @foreach ($progress->timers() as $timer)
                @if (! $wait || $timer->step !== $wait->step)
                    <section class="tile tile--timer" id="timers" tabindex="-1"><x-timer :timer="$timer" :now="$now" :zone="$household->zone()"/></section>
                @endif
            @endforeach
            <section class="tile">
                <h2>Off the machine</h2>
                <x-tray :parts="array_map(fn ($part) => $kind->part($part)->name($traits), $tray)" :ids="$tray"/>
            </section>
            <form method="post" action="{{ route('rounds.end', $round) }}">
                @csrf
                <input type="hidden" name="how" value="stopped">
                <details>
                    <summary>Stop here</summary>
                    @if ($openEnds)
                        <p class="hazard">Left open: {{ App\Support\OpenEndWords::list($round, $openEnds) }}.</p>
                        <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required> I know.</label>
                    @else
                        <p class="muted small">What you ticked stays in the logbook. To go on later, just leave this page.</p>
                    @endif
                    <button class="push push--hazard">Stop the round</button>
                </details>
            </form>
        </aside>

        <dialog class="keys" x-ref="keys" aria-label="Keys">
            <h2>Keys</h2>
            <dl>
                <dt>space</dt><dd>done, on to the next step</dd>
                <dt>1 … 5</dt><dd>pick that answer</dd>
                <dt>←</dt><dd>back one step</dd>
                <dt>T</dt><dd>to the timer</dd>
                <dt>N</dt><dd>write a note</dd>
                <dt>?</dt><dd>these keys</dd>
            </dl>
            <form method="dialog"><button class="push push--wide">Close</button></form>
        </dialog>
    </div>
</x-layout>
