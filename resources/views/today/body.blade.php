@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-drawing.scale-symbols :handbook="$handbook"/>

@foreach ($left as $open)
    <section class="tile tile--hazard mb-3">
        <h2>{{ $open->machine->name }} was left unfinished</h2>
        <p class="mb-0">
            The round of {{ Dates::short(GoodRinse\Core\Quantity\Day::at($open->ended_at,
                $household->zone())) }} ended with this open: {{ App\Care\Words\OpenEndWords::list($open, $open->leftOpen()) }}.
            Don't use it before it is put right.
        </p>
        <form method="post" action="{{ route('rounds.settle', $open) }}" class="mt-2 mb-0">
            @csrf<button class="push">It is put right</button></form>
    </section>
@endforeach

@foreach ($unreadable as $round)
    <section class="tile mb-3">
        <h2>{{ $round->machine->name }}: a round that cannot go on</h2>
        <p>{{ __('rounds.unreadable') }}</p>
        <form method="post" action="{{ route('rounds.end', $round) }}" class="with-gap mb-0">
            @csrf<input type="hidden" name="how" value="stopped"><input type="hidden" name="knows" value="1"><button
            class="push">End this round</button><a class="push push--quiet"
            href="{{ route('rounds.show', $round) }}">See what it wrote down</a></form>
    </section>
@endforeach
@if ($dangers)<div class="mb-3"><x-vessel.notices :notices="$dangers" :household="$household" :today="$today"/></div>@endif
@if ($first === null)
    <x-care.first-machine/>
@else
    <div class="today">
        <div>
        <section class="tile">
            <div class="ask">
                <div>
                    @if ($running)
                        <h1>A round is under way.<br>Next: {{ mb_strtolower($progress->current()?->short ?? 'finish it') }}.</h1>
                        <p>{{ $running->machine->name }}: {{ mb_strtolower($running->fittedProcedure()->name) }}, begun
                            {{ Dates::short(GoodRinse\Core\Quantity\Day::at($running->started_at, $household->zone())) }} at
                            <strong>{{ Dates::time($running->started_at, $household->zone()) }}</strong>. Everything you ticked is kept.</p>
                        @if ($tray)<p><strong>Off the machine:</strong>
                            {{ implode(', ', array_map(fn ($piece) => mb_strtolower($piece->name), $tray)) }}.</p>@endif
                        @foreach ($paused as $other)<p>Also waiting:
                            <a href="{{ route('rounds.show', $other) }}">{{ $other->machine->name }},
                            {{ mb_strtolower($other->fittedProcedure()->name) }}</a>.</p>@endforeach
                        @foreach ($progress->timers() as $timer)<p><strong>{{ $timer->label }}:</strong>
                            {{ $timer->secondsLeft($now) > 0 ? 'until '.Dates::time($timer->endsAt(), $household->zone())
                            : 'over since '.Dates::time($timer->endsAt(), $household->zone()) }}{{ $timer->lateness($now)?->harms
                            ? ', longer than it may be' : '' }}.</p>@endforeach
                    @elseif ($first->care->neverOpened() && $jobs === 1)
                        <h1>Look at it once.<br>{{ $hands }} minutes of your hands.</h1>
                        <p>{{ $first->care->machine->name }}: {{ mb_strtolower($first->care->name()) }}. What you find sets when it comes
                            next.</p>
                    @elseif ($batches)
                        <h1>{{ $jobs === 1 ? 'One round today.' : Str::ucfirst(Uses::small($jobs)).' jobs'.(count($batches) > 1
                            ? ' on '.Uses::small(count($batches)).' machines.'
                            : ' in one round.') }}<br>{{ $hands }} minutes of your hands{{ count($batches) > 1 ? ' in all' : '' }}.</h1>
                        <p>
                            @if ($batches[0]->estimate->wait && $batches[0]->estimate->meanwhile)
                                While it soaks: {{ mb_strtolower(implode(', ', array_slice($batches[0]->estimate->meanwhile, 0, 3))) }}.
                            @endif
                            Started now, all is done at <strong><time data-after="{{ $seconds }}"></time></strong>.
                        </p>
                    @else
                        <h1>Nothing {{ $dangers ? 'else ' : '' }}to do today.<br>{{ $first->care->rhythm->remindOn
                            ? 'Next on '.Dates::longWeekday($first->care->rhythm->remindOn, $today).'.' : '' }}</h1>
                        @if ($first->care->isPutOff($today))
                            <p>{{ Str::ucfirst($first->care->name()) }}, {{ $first->care->machine->name }}, is put off until
                                then{{ $first->putOffBecause() }}. You can still do it now.</p>
                        @else
                            <p>First comes {{ mb_strtolower($first->care->name()) }}, {{ $first->care->machine->name }}:
                                {{ $first->when() }}. You can open it earlier: what you find moves the date.</p>
                        @endif
                    @endif
                </div>
                <div class="ask__do">
                    @if ($running)
                        <a class="push push--main" href="{{ route('rounds.show', $running) }}">Go on</a>
                        <details>
                            <summary>Stop this round</summary>
                            <form method="post" action="{{ route('rounds.end', $running) }}">
                                @csrf
                                <input type="hidden" name="how" value="stopped">
                                @if ($openEnds)
                                    <p class="hazard mb-2">Left open: {{ App\Care\Words\OpenEndWords::list($running, $openEnds) }}.</p>
                                    <label class="with-gap mb-2"><input type="checkbox" name="knows" value="1" required> I know.</label>
                                @else
                                    <p class="muted small mb-2">What you ticked stays in the logbook.</p>
                                @endif
                                <button class="push push--hazard">Stop it for good</button>
                            </form>
                        </details>
                        @if ($running->machine_id !== $first->care->machine->id && $first->isDue())
                            <x-care.start-round :care="$first->care"
                                :procedure="$first->care->fullest()">{{ $first->care->machine->name }} first
                                </x-care.start-round>
                        @endif
                    @else
                        @if (($batch = $data->batch()) && count($batch->procedures) > 1)
                            <x-care.start-together :machine="$batch->care->machine" :procedures="array_keys($batch->procedures)"
                                :main="true">Start round</x-care.start-together>
                            <x-care.start-round :care="$first->care"
                                :procedure="$first->care->fullest()">
                                Only {{ mb_strtolower($first->care->procedures()[$first->care->fullest()]) }}</x-care.start-round>
                        @else
                            <x-care.start-round :care="$first->care" :procedure="$first->care->fullest()" :main="true">Start round
                                </x-care.start-round>
                            @foreach (array_slice($first->care->procedures(), 1) as $other => $name)
                                <x-care.start-round :care="$first->care" :procedure="$other">{{ $name }} instead</x-care.start-round>
                            @endforeach
                        @endif
                    @endif
                </div>
            </div>

            <x-care.due-lines :lines="[$first]" :today="$today" level="h2"/>
            @if (($batch = $data->batch()) && count($batch->lines) > 1)
                <h2 class="batch">In the same round</h2>
                <x-care.due-lines :lines="array_slice($batch->lines, 1, 4)" :today="$today" level="h3" :batch="$batch"/>
                @if (count($batch->lines) > 5)<p class="muted small">And {{ Uses::small(count($batch->lines) - 5) }} more in it.</p>@endif
            @endif

            <details class="why" open>
                <summary>Why, and how sure</summary>
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

            @foreach (array_slice($batches, 0, 5) as $later)
                @unless ($loop->first)
                    <div class="batch-head">
                        <h2 class="batch">Then: {{ $later->care->machine->name }}, {{ (int) ceil($later->estimate->hands->value) }} minutes
                            </h2>
                        @unless ($running)<x-care.start-together :machine="$later->care->machine"
                            :procedures="array_keys($later->procedures)">Start it</x-care.start-together>@endunless
                    </div>
                    <x-care.due-lines :lines="array_slice($later->lines, 0, 2)" :today="$today" level="h3" :batch="$later"/>
                    @if (count($later->lines) > 2)<p class="muted small">And {{ Uses::small(count($later->lines) - 2) }} more in it.</p>
                        @endif
                @endunless
                @if ($later->apart)
                    <h2 class="batch">Due too, in a round of its own</h2>
                    <x-care.due-lines :lines="$later->apart" :today="$today" level="h3"/>
                @endif
            @endforeach
            @if (count($batches) > 5)<p class="muted small mt-3">
                Then on {{ Uses::small(count($batches) - 5) }} more {{ count($batches) === 6 ? 'machine' : 'machines' }}:
                <a href="/kitchen">see the kitchen</a>.</p>@endif
            @if ($others)
                @if ($batches)<h2 class="batch">Soon</h2>@endif
                <x-care.due-lines :lines="$others" :today="$today" level="h3"/>
            @endif
            @if ($more)<p class="muted small mb-0">And {{ $more }} more {{ $more === 1 ? 'is' : 'are' }} due or nearly:
                <a href="{{ route('rhythm') }}">see the rhythm</a>.</p>@endif
            @if ($putOff)
                <p class="muted small mb-0 mt-3">Put off: @foreach ($putOff as $line)<a
                    href="/machines/{{ $line->care->machine->id }}/rhythm/{{ $line->care->task->id }}">{{ $line->care->name() }},
                    {{ $line->care->machine->name }}</a>
                    until {{ Dates::short($line->care->rhythm->remindOn) }}{{ $line->putOffBecause() }}{{ $loop->last ? '.' : ';' }}
                    @endforeach</p>
            @endif
        </section>
        <x-care.six-weeks :strip="$strip" :today="$today"/>
        </div>

        <aside class="today__aside">
            @foreach ($held as $trace)
                <section class="tile">
                    <h2>Is it still fixed?</h2>
                    <p>{{ $trace->machine->name }}: {{ mb_strtolower($traceNames[$trace->id]) }}, put right
                        {{ Dates::relative(GoodRinse\Core\Quantity\Day::at($trace->ended_at, $household->zone()), $today) }}.</p>
                    <div class="with-gap">
                        @foreach (['1' => 'Yes, it is', '0' => 'No, it is back'] as $yes => $answer)
                            <form method="post" action="/traces/{{ $trace->id }}/held">
                                @csrf<input type="hidden" name="held" value="{{ $yes }}"><button class="push">{{ $answer }}</button></form>
                        @endforeach
                    </div>
                </section>
            @endforeach
            @foreach ($traces as $trace)
                <section class="tile">
                    <h2>Being looked into</h2>
                    <p>{{ $trace->machine->name }}: {{ mb_strtolower($traceNames[$trace->id]) }}.</p>
                    <a class="push" href="/traces/{{ $trace->id }}">To the next card</a>
                </section>
            @endforeach
            @foreach ($asked as [$symptom, $care, $name])
                <section class="tile">
                    <h2>Is it gone?</h2>
                    <p>{{ $name }}, noticed {{ Dates::relative($symptom->day,
                        $today) }}. Since then: {{ mb_strtolower($care->name()) }}, {{ $care->machine->name }}. Did it come from there?</p>
                    <div class="with-gap">
                        @foreach (['1' => 'Yes, gone', '0' => 'No'] as $caused => $answer)
                            <form method="post" action="/entries/{{ $symptom->entry }}/cause">
                                @csrf
                                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                                <input type="hidden" name="caused" value="{{ $caused }}">
                                <button class="push">{{ $answer }}</button>
                            </form>
                        @endforeach
                    </div>
                </section>
            @endforeach
            @if ($uncounted)
                <section class="tile">
                    <h2>About how many, in the last week?</h2>
                    @foreach (array_slice($uncounted, 0, 3) as $care)
                        <form class="week" method="post" action="/machines/{{ $care->machine->id }}/uses">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                            <input type="hidden" name="over" value="7">
                            <label class="form-label" for="week-{{ $care->machine->id }}">{{ $care->machine->name }}
                                <span class="muted small">{{ Uses::unit($care->kind->useUnit) }}</span></label>
                            <input class="form-control" id="week-{{ $care->machine->id }}" name="uses" type="number" min="0" max="1000"
                                step="any" inputmode="decimal" value="{{ round($care->history->rate * 7, 1) }}" required>
                            <button class="push" aria-label="Write down the uses of {{ $care->machine->name }}">Keep</button>
                        </form>
                    @endforeach
                    @if (count($uncounted) > 3)<p class="muted small mt-2 mb-0">
                        {{ Str::ucfirst(Uses::small(count($uncounted) - 3)) }} more are asked after these.</p>@endif
                </section>
            @endif
            @if ($waterAsks)
                <section class="tile">
                    <h2>How hard is your water?</h2>
                    <p class="small">It sets how often {{ $waterAsks }} is descaled. Look into your kettle:</p>
                    <form method="post" action="/household/water" class="water-asks">
                        @csrf
                        @method('put')
                        <input type="hidden" name="hardness_unit" value="dH"><input type="hidden" name="back" value="today">
                        @foreach ($handbook->doseModel()->feels as [$feel, $degrees])<button class="push" name="hardness"
                            value="{{ $degrees }}">{{ $feel->name }}<small>{{ $feel->note }}</small></button>@endforeach
                    </form>
                    <p class="small mt-2 mb-0"><a href="/household/water">Measured, or with a strip</a></p>
                </section>
            @endif
            <x-vessel.notices :notices="$vessels" :household="$household" :today="$today"/>
            <section class="tile">
                <h2>Used</h2>
                @foreach ($machines as $care)
                    @if ($loop->iteration === 8)<details class="mt-2"><summary>{{ count($machines) - 7 }} more machines</summary>@endif
                    <div class="tally">
                        <div>
                            <strong>{{ $care->machine->name }}</strong><br>
                            <span class="muted small">{{ $data->usage($care) }} ·
                                <a href="/machines/{{ $care->machine->id }}/trace">trouble?<span class="visually-hidden">
                                with {{ $care->machine->name }}</span></a></span>
                        </div>
                        <form method="post" action="/machines/{{ $care->machine->id }}/uses">
                            <input type="hidden" name="_token" value="{{ csrf_token() }}">
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                            <button class="push"
                                aria-label="Count one more {{ $care->kind->useName }} for {{ $care->machine->name }}">+1
                                {{ $care->kind->useName }}</button>
                        </form>
                    </div>
                @endforeach
                @if (count($machines) > 7)</details>@endif
                @if (array_filter($machines, fn ($care) => $care->awayUntil($today)))<form method="post" action="/away/back" class="mt-3">
                    <input type="hidden" name="_token" value="{{ csrf_token() }}"><input type="hidden" name="id"
                        value="{{ Str::ulid() }}"><button
                    class="push">I'm back</button></form>@endif
                <p class="small mt-3 mb-0"><a href="/away">Nobody at home for a while?</a></p>
            </section>
            <section class="tile">
                <h2>Poured something?</h2>
                <div class="chips small mb-0">
                    @foreach ($machines as $care)@if ($loop->iteration === 8)<details><summary>More</summary>
                        @endif @foreach ($pourInto[$care->machine->id] as $vessel => $name)<a class="chip"
                        href="/machines/{{ $care->machine->id }}/vessels/{{ $vessel }}/pour">{{ isset($care->kind->vessels[$vessel])
                        && count($machines) > 1 ? $care->machine->name.', '.$name : $name }}</a> @endforeach @endforeach
                    @if (count($machines) > 7)</details>@endif
                </div>
            </section>
            @if (count($machines) === 1 && $first)<x-drawing.grade-key :scale="$handbook->scales()->scale($first->care->scale())"
                title="What you compare it with"/>@endif
        </aside>
    </div>
@endif
