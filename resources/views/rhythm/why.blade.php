@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout title="Why: {{ $line->care->name() }}" place="rhythm">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <p class="mb-1"><a href="{{ route('rhythm', ['machine' => $line->care->machine->id]) }}">{{ $line->care->machine->name }}, rhythm</a>
        </p>
    <h1 {{ $facts }}>{{ $line->care->name() }}: {{ $line->when() }}{{ $line->care->rhythm->dueOn
        ? ', '.Dates::longWeekday($line->care->rhythm->dueOn, $today)
        : '' }}.</h1>
    <div class="why-page">
        <div class="stack">
            <section class="tile">
                <h2>In words</h2>
                <ul class="clean-list">
                    <li>{{ $line->reason() }}</li>
                    @foreach ($line->more() as $reason)<li>{{ $reason }}</li>@endforeach
                    @if ($line->sure())<li>{{ $line->sure() }}</li>@endif
                    <li>{{ $start }}</li>
                </ul>
            </section>
            @foreach ($clocks as $clock)
                <section class="tile" aria-labelledby="clock-{{ $loop->index }}">
                    <h2 id="clock-{{ $loop->index }}">
                        Counted in {{ App\View\Words\Uses::unit($clock['reading']->clock->unit) }}{{ count($clocks) > 1 ? ($clock['decides']
                        ? ': this clock decides' : '') : '' }}</h2>
                    @if ($clock['steps'])
                        <p class="muted small">One fouling is the way from clean to the clean-by line, {{ round($model->cleanBy *
                            100) }} % shut. Each older opening weighs less: half after {{ Uses::number($model->memory) }} more.</p>
                        <div class="scrolls" tabindex="0" role="region"
                            aria-label="Openings that taught the clock of {{ $clock['reading']->clock->unit }}">
                        <table class="plain">
                            <thead><tr><th scope="col">Opened</th><th scope="col">Found</th><th scope="col">Uses ÷ foulings</th>
                                <th scope="col">Interval</th></tr></thead>
                            <tbody>
                                @foreach (array_slice($clock['steps'], -6) as $step)
                                    <tr><td><a href="{{ route('logbook', ['entry' => $step['opening']->entry]) }}">{{ $step['day'] }}</a>
                                        </td><td>{{ $step['found'] }}</td><td class="sum">{{ $step['sum'] }}</td><td class="sum">
                                        {{ $step['after'] }}</td></tr>
                                @endforeach
                            </tbody>
                        </table>
                        </div>
                        @if (count($clock['steps']) > 6)<p class="muted small mt-2">
                            {{ count($clock['steps']) - 6 }} earlier ones are in the sums too.</p>@endif
                    @endif
                    <dl class="facts sums">
                        @foreach ($clock['sums'] as [$what, $sum])<dt>{{ $what }}</dt><dd>{{ $sum }}</dd>@endforeach
                    </dl>
                </section>
            @endforeach
        </div>
        <div class="stack">
            <section class="tile no-print">
                <h2>Do it</h2>
                @foreach ($line->care->procedures() as $procedure => $name)
                    <x-care.start-round :care="$line->care" :procedure="$procedure" :main="$loop->first">
                        {{ $loop->first ? 'Start: '.mb_strtolower($name) : $name }}</x-care.start-round>
                @endforeach
            </section>
            <x-care.snooze :care="$line->care" :today="$today"/>
            @if ($ours)
                <section class="tile">
                    <h2>A task of your own</h2>
                    <p>{{ $ours->scale ? 'It starts from what you set and learns from how you find it.' : 'It stays at what you set.' }}</p>
                    <a class="push" href="{{ route('tasks.edit', [$line->care->machine, $ours->id]) }}">Change this task</a>
                </section>
            @endif
            @unless ($ours && $ours->scale === null)<section class="tile no-print" id="keep">
                <h2>{{ $own->isKept() ? 'Kept at '.Uses::counted($own->count, $own->unit).'.' : 'It learns.' }}</h2>
                <form method="post" action="{{ route('rhythm.own', [$line->care->machine, $line->care->id]) }}">
                    @csrf
                    @method('put')
                    <fieldset class="field">
                        <legend class="visually-hidden">How it goes on</legend>
                        <label class="check-row"><input type="radio" name="keep" value="" @checked(! $own->isKept())>
                            Learn from what is found</label>
                        @if ($own->isKept())
                            <label class="check-row"><input type="radio" name="keep" value="as-kept" checked>
                                Keep it at {{ Uses::counted($own->count, $own->unit) }}</label>
                        @else
                            <label class="check-row"><input type="radio" name="keep" value="now">
                                Keep it at {{ Uses::interval($line->care->rhythm->deciding->learned->interval,
                                $line->care->rhythm->deciding->clock->unit) }}, as it is now</label>
                            @if ($line->care->start->base !== null
                                && Uses::counted($line->care->start->count, $line->care->start->unit) !==
                                Uses::interval($line->care->rhythm->deciding->learned->interval,
                                    $line->care->rhythm->deciding->clock->unit))<label
                                class="check-row"><input type="radio" name="keep" value="start">
                                Keep it at {{ Uses::counted($line->care->start->count,
                                    $line->care->start->unit) }}, where it started</label>@endif
                        @endif
                    </fieldset>
                    <div class="row g-3">
                        <div class="col-6"><x-form.field name="least" label="Never under, days" type="number" min="1" max="3650"
                            inputmode="numeric" :value="$own->least"/></div>
                        <div class="col-6"><x-form.field name="most" label="Never over, days" type="number" min="1" max="3650"
                            inputmode="numeric" :value="$own->most"/></div>
                    </div>
                    <p class="mt-3 mb-0"><button class="push">Keep it so</button></p>
                </form>
            </section>@endunless
            @unless ($ours)<section class="tile no-print">
                <h2>Start it otherwise</h2>
                <p>Another school, or other habits: see what moves before you decide.</p>
                <a class="push" href="{{ route('machines.start', $line->care->machine) }}">Change the start</a>
            </section>@endunless
        </div>
    </div>
</x-layout>
