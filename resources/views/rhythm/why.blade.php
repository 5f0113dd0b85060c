@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout :title="__('views/rhythm/why.why', ['care' => $line->care->name()])" place="rhythm">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <p class="mb-1"><a href="{{ route('rhythm', ['machine' => $line->care->machine->id]) }}">{{
        __('views/rhythm/why.rhythm', ['machine' => $line->care->machine->name]) }}</a>
        </p>
    <h1 {{ $facts }}>{{ $line->care->name() }}: {{ $line->when() }}{{ $line->care->rhythm()->dueOn
        ? ', '.Dates::longWeekday($line->care->rhythm()->dueOn, $today)
        : '' }}.</h1>
    <div class="why-page">
        <div class="stack">
            <section class="tile">
                <h2>{{ __('views/rhythm/why.in_words') }}</h2>
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
                        {{ __('views/rhythm/why.counted_in', ['unit' => App\View\Words\Uses::unit($clock['reading']->clock->unit),
                            'what' => count($clocks) > 1 ? ($clock['decides']
                        ? ': '.__('views/rhythm/why.this_clock_decides') : '') : '']) }}</h2>
                    @if ($clock['steps'])
                        <p class="muted small">{{
                            __('views/rhythm/why.one_fouling_is_the_way_from', ['clean_by' => round($model->cleanBy *
                            100), 'memory' => Uses::number($model->memory)]) }}</p>
                        <div class="scrolls" tabindex="0" role="region"
                            aria-label="{{ __('views/rhythm/why.openings_that_taught_the_clock_of', ['unit' =>
                                $clock['reading']->clock->unit]) }}">
                        <table class="plain">
                            <thead><tr><th scope="col">{{ __('views/rhythm/why.opened') }}</th><th scope="col">{{
                                __('views/rhythm/why.found') }}</th><th scope="col">{{ __('views/rhythm/why.uses_foulings') }}</th>
                                <th scope="col">{{ __('views/rhythm/why.interval') }}</th></tr></thead>
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
                            {{ __('views/rhythm/why.earlier_ones_are_in_the_sums', ['clock' => count($clock['steps']) - 6]) }}</p>@endif
                    @endif
                    <dl class="facts sums">
                        @foreach ($clock['sums'] as [$what, $sum])<dt>{{ $what }}</dt><dd>{{ $sum }}</dd>@endforeach
                    </dl>
                </section>
            @endforeach
        </div>
        <div class="stack">
            <section class="tile no-print">
                <h2>{{ __('views/rhythm/why.do_it') }}</h2>
                @foreach ($line->care->procedures() as $procedure => $name)
                    <x-care.start-round :care="$line->care" :procedure="$procedure" :main="$loop->first">
                        {{ $loop->first ? __('views/rhythm/why.start').' '.mb_strtolower($name) : $name }}</x-care.start-round>
                @endforeach
            </section>
            <x-care.snooze :care="$line->care" :today="$today"/>
            @if ($ours)
                <section class="tile">
                    <h2>{{ __('views/rhythm/why.a_task_of_your_own') }}</h2>
                    <p>{{ $ours->scale ? __('views/rhythm/why.it_starts_from_what_you_set')
                        : __('views/rhythm/why.it_stays_at_what_you_set') }}</p>
                    <a class="push" href="{{ route('tasks.edit', [$line->care->machine, $ours->id]) }}">{{
                        __('views/rhythm/why.change_this_task') }}</a>
                </section>
            @endif
            @unless ($ours && $ours->scale === null)<section class="tile no-print" id="keep">
                <h2>{{ $own->isKept()
                    ? __('views/rhythm/why.kept_at').' '.Uses::counted($own->count, $own->unit).'.'
                        : __('views/rhythm/why.it_learns') }}</h2>
                <form method="post" action="{{ route('rhythm.own', [$line->care->machine, $line->care->id]) }}">
                    @csrf
                    @method('put')
                    <fieldset class="field">
                        <legend class="visually-hidden">{{ __('views/rhythm/why.how_it_goes_on') }}</legend>
                        <label class="check-row"><input type="radio" name="keep" value="" @checked(! $own->isKept())>
                            {{ __('views/rhythm/why.learn_from_what_is_found') }}</label>
                        @if ($own->isKept())
                            <label class="check-row"><input type="radio" name="keep" value="as-kept" checked>
                                {{ __('views/rhythm/why.keep_it_at', ['unit' => Uses::counted($own->count, $own->unit)]) }}</label>
                        @else
                            <label class="check-row"><input type="radio" name="keep" value="now">
                                {{ __('views/rhythm/why.keep_it_at_as_it_is', ['unit' =>
                                    Uses::interval($line->care->rhythm()->deciding->learned->interval,
                                $line->care->rhythm()->deciding->clock->unit)]) }}</label>
                            @if ($line->care->start()->base !== null
                                && Uses::counted($line->care->start()->count, $line->care->start()->unit) !==
                                Uses::interval($line->care->rhythm()->deciding->learned->interval,
                                    $line->care->rhythm()->deciding->clock->unit))<label
                                class="check-row"><input type="radio" name="keep" value="start">
                                {{ __('views/rhythm/why.keep_it_at_where_it_started', ['unit' => Uses::counted($line->care->start()->count,
                                    $line->care->start()->unit)]) }}</label>@endif
                        @endif
                    </fieldset>
                    <div class="row g-3">
                        <div class="col-6"><x-form.field name="least" :label="__('views/rhythm/why.never_under_days')" type="number"
                            min="1" max="3650"
                            inputmode="numeric" :value="$own->least"/></div>
                        <div class="col-6"><x-form.field name="most" :label="__('views/rhythm/why.never_over_days')" type="number"
                            min="1" max="3650"
                            inputmode="numeric" :value="$own->most"/></div>
                    </div>
                    <p class="mt-3 mb-0"><button class="push">{{ __('views/rhythm/why.keep_it_so') }}</button></p>
                </form>
            </section>@endunless
            @unless ($ours)<section class="tile no-print">
                <h2>{{ __('views/rhythm/why.start_it_otherwise') }}</h2>
                <p>{{ __('views/rhythm/why.another_school_or_other_habits_see') }}</p>
                <a class="push" href="{{ route('machines.start', $line->care->machine) }}">{{
                    __('views/rhythm/why.change_the_start') }}</a>
            </section>@endunless
        </div>
    </div>
</x-layout>
