@php
    use App\View\Words\Dates;
    use App\View\Words\Uses;
    $machine = $care->machine;
    $kind = $care->kind;
@endphp
<x-layout :title="$machine->name" place="kitchen">
    <x-mesh-symbols :handbook="$handbook"/>
    <x-slot:when><x-date-head :household="$household" :today="$today"/></x-slot:when>
    <div class="machine">
        <div class="stack">
            <section class="tile">
                <div class="machine__head">
                    <h1>{{ $machine->name }}</h1>
                    <span class="muted">{{ implode(' · ', array_filter([$machine->place, ...array_map(fn ($trait) => $trait->chosen($machine->traits)?->name, array_values($kind->traits))])) }}</span>
                </div>
                @if (view()->exists("components.cutaway-$kind->id"))<x-dynamic-component :component="'cutaway-'.$kind->id" :machine="$machine" :lines="$lines"/>@endif
            </section>
            <section class="tile machine__facts">
                <h2>This machine</h2>
                <dl class="facts">
                    @foreach ($kind->traits as $trait)
                        <dt>{{ rtrim($trait->ask, '?') }}</dt>
                        <dd>{{ $trait->chosen($machine->traits)?->name }}</dd>
                    @endforeach
                    @foreach ($kind->habits as $habit)
                        @php $value = $machine->habits[$habit->id] ?? $habit->default; @endphp
                        <dt>{{ rtrim($habit->ask, '?') }}</dt>
                        <dd>{{ $habit->number ? Uses::number((float) $value) : GoodRinse\Core\Handbook\Option::among($habit->options, (string) $value)?->name }}</dd>
                    @endforeach
                    <dt>Counted in the last 7 days</dt>
                    <dd>{{ $care->history->countedFrom ? Uses::counted($care->weekUses(), $kind->useUnit) : 'nothing counted yet' }}</dd>
                </dl>
                <div class="with-gap mt-3">
                    <a class="push" href="{{ route('machines.edit', $machine) }}">Change this</a>
                    <form method="post" action="{{ route('uses.store', $machine) }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        <button class="push">+1 {{ $kind->useName }}</button>
                    </form>
                    <a class="push push--quiet" href="{{ route('logbook', ['machine' => $machine->id]) }}">Its logbook</a>
                </div>
            </section>
        </div>
        <div class="stack">
            @foreach ($lines as $id => $line)
                @php
                    $task = $line->care;
                    $chart = $charts[$id];
                    $off = $kind->part($task->task->part)->comesOff($machine->traits);
                @endphp
                <section class="tile" id="task-{{ $id }}" aria-labelledby="task-{{ $id }}-name" tabindex="-1">
                    <div class="part-head">
                        <x-glass :wear="$task->rhythm->wear" :size="56" :unknown="$task->neverOpened()"/>
                        <div>
                            <h2 id="task-{{ $id }}-name">{{ $task->part() }}</h2>
                            <p class="muted">{{ $task->neverOpened() ? 'nobody has looked yet' : $line->when().', about '.$task->rhythm->blockedNow->percent().' % blocked' }}</p>
                        </div>
                    </div>
                    <p><strong>Rhythm: {{ implode(' or ', array_map(fn ($reading) => Uses::counted($reading->learned->interval, $reading->clock->unit), $task->rhythm->clocks)) }}</strong>, whichever comes first.</p>
                    @if ($chart->curve !== '')
                        <svg class="chart" viewBox="0 0 400 118" role="img" aria-label="Soil over the last openings: it grew to what was found, fell to what was left, and stands at {{ $task->rhythm->blockedNow->percent() }} % now.">
                            <path class="clean-by" d="M0 {{ $chart->cleanBy }} H400"/>
                            <text class="copper" x="0" y="{{ $chart->cleanBy - 6 }}">clean by</text>
                            <path class="soil-line" d="{{ $chart->curve }}"/>
                            <path class="ink-line w-thin" opacity="0.3" d="M0 97 H400"/>
                            @foreach ($chart->marks as [$x, $y, $day])
                                @if ($x < 340 && ($loop->index % 2 === 0 || count($chart->marks) < 4))
                                    <text x="{{ min(360, max(18, $x)) }}" y="114" text-anchor="middle">{{ Dates::short($day) }}</text>
                                @endif
                            @endforeach
                            <text x="400" y="114" text-anchor="end">now</text>
                        </svg>
                    @endif
                    <ul class="clean-list small mb-3">
                        <li>{{ $line->reason() }}</li>
                        @foreach ($line->more() as $reason)<li>{{ $reason }}</li>@endforeach
                        @if ($line->sure())<li>{{ $line->sure() }}</li>@endif
                    </ul>
                    @if ($off)
                        <h3>How it comes off here</h3>
                        <ol>@foreach ($off as $each)<li>{{ $each }}</li>@endforeach</ol>
                    @endif
                    <x-last-openings :care="$task" :handbook="$handbook" :today="$today" :count="4"/>
                    <div class="with-gap mt-3">
                        @if ($running)
                            <a class="push push--main" href="{{ route('rounds.show', $running) }}">Go on with the round</a>
                        @else
                            @foreach ($task->procedures() as $procedure => $name)
                                <x-start-round :care="$task" :procedure="$procedure" :main="$loop->first">{{ $loop->first ? 'Start: '.mb_strtolower($name) : $name }}</x-start-round>
                            @endforeach
                        @endif
                    </div>
                    <details class="mt-2" @if ($errors->hasAny(['on', 'found', 'left'])) open @endif>
                        <summary>It was cleaned without a round</summary>
                        <form method="post" action="{{ route('openings.store', $machine) }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                            <input type="hidden" name="task" value="{{ $id }}">
                            <x-field name="on" label="When?" type="date" :value="(string) $today" :max="(string) $today" required/>
                            @foreach (['found' => 'How was it?', 'left' => 'How did it go back?'] as $name => $ask)
                                <div class="field">
                                    <label class="form-label" for="o-{{ $name }}">{{ $ask }}</label>
                                    <select class="form-select" id="o-{{ $name }}" name="{{ $name }}">
                                        @foreach ($handbook->grades() as $grade)
                                            <option value="{{ $grade->id }}" @selected(old($name, $name === 'found' ? 'patchy' : 'clear') === $grade->id)>{{ $grade->name }}: {{ $grade->look }}</option>
                                        @endforeach
                                    </select>
                                    @error($name)<p class="wrong">{{ $message }}</p>@enderror
                                </div>
                            @endforeach
                            <p class="mt-3 mb-0"><button class="push">Write it down</button></p>
                        </form>
                    </details>
                </section>
            @endforeach
        </div>
    </div>
</x-layout>
