@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout :title="__('views/rhythm/index.rhythm')" place="rhythm">
    <x-drawing.scale-symbols :handbook="$handbook"/>
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    @if ($shown === null)
        <x-care.first-machine/>
    @else
        <h1>{{ $years ? __('views/rhythm/index.how_often').' '.$shown->machine->name.' '.__('views/rhythm/index.needs_care_and_why')
            : __('views/rhythm/index.nothing_on').' '.$shown->machine->name.' '.__('views/rhythm/index.follows_a_clock') }}</h1>
        <x-page.hint of="rhythm"/>
        @if (count($machines) > 1)
            <nav class="filters" aria-label="{{ __('views/rhythm/index.machine') }}">
                <x-page.machine-nav :machines="array_map(fn ($care) => $care->machine, $machines)" :current="$shown->machine->id"
                    :url="fn ($each) => route('rhythm', ['machine' => $each->id])"/>
            </nav>
        @endif
        <div class="rhythm-do">
            <a class="push push--quiet" href="{{ route('machines.start', $shown->machine) }}">{{
                __('views/rhythm/index.change_the_start') }}</a>
            <a class="push push--quiet" href="{{ route('ahead') }}">{{ __('plan.ahead.link') }}</a>
            <a class="push push--quiet" href="{{ route('reminders') }}">{{ __('views/rhythm/index.calendar_and_mail') }}</a>
            <a class="push push--quiet" href="{{ route('away') }}">{{ __('views/rhythm/index.nobody_at_home') }}</a>
        </div>
        @foreach ($years as [$line, $year, $start])
            <section class="tile year" aria-labelledby="year-{{ $line->care->task()->id }}">
                <div class="year__head">
                    <x-drawing.glass :wear="$line->care->rhythm()->wear" :size="56" :unknown="$line->care->neverOpened()"/>
                    <div>
                        <h2 id="year-{{ $line->care->task()->id }}">
                            <a href="{{ route('machines.show', [$shown->machine, 'task' => $line->care->task()->id]) }}#task">
                                {{ $line->care->name() }}</a></h2>
                        <p {{ App\View\Pages\Rhythm\CareFacts::of($line->care) }}><strong>{{ $line->when() }}</strong>
                            <a class="why-link" href="{{ route('rhythm.why', [$shown->machine, $line->care->task()->id]) }}">{{
                                __('today.why') }}<span
                            class="visually-hidden"> {{ $line->care->name() }}</span></a></p>
                    </div>
                    <p class="year__now"><strong>{{ Uses::interval($year->interval, $year->unit) }}</strong>
                        <span class="muted">{{ $year->taught
                        ? __('views/rhythm/index.learned_from').' '.trans_choice('rhythm.openings',
                            $year->taught, ['count' => $year->taught])
                        : __('views/rhythm/index.to_begin_with') }}</span></p>
                </div>
                <x-care.year-chart :chart="$year->chart" :name="$line->care->name()"
                    :scale="$handbook->scales()->scale($line->care->scale())"
                    :unit="$year->unit"/>
                @if ($table !== $line->care->id)
                    <p class="mb-0">
                        <a class="why-link"
                        href="{{ route('rhythm', array_filter(['machine' => $shown->machine->id,
                            'page' => $page > 1 ? $page : null, 'table'
                            => $line->care->id])) }}#year-{{ $line->care->id }}">{{
                                __('views/rhythm/index.as_a_table_and_where_it') }}<span
                            class="visually-hidden">: {{ $line->care->name() }}</span></a></p>
                @else
                    <p>{{ $start }}</p>
                    @if ($year->table)
                        <div class="scrolls" tabindex="0" role="region" aria-label="{{
                            __('views/rhythm/index.openings_of', ['care' => $line->care->name()]) }}">
                        <table class="plain">
                            <thead><tr><th scope="col">{{ __('views/rhythm/index.opened') }}</th><th scope="col">{{
                                __('views/rhythm/index.found') }}</th><th scope="col">{{
                                    __('views/rhythm/index.left') }}</th><th scope="col">{{ __('views/rhythm/index.after') }}
                                </th><th scope="col">{{ __('views/rhythm/index.interval_then') }}</th></tr></thead>
                            <tbody>
                                @foreach ($year->table as [$opening, $after])
                                    <tr>
                                        <td><a href="{{ route('logbook', ['entry' => $opening->entry]) }}">{{ Dates::day($opening->day,
                                            $today) }}</a></td>
                                        <td>{{ $data->found($opening, $line->care) }}</td>
                                        <td>{{ $data->left($opening, $line->care) }}</td>
                                        <td>{{ Uses::counted($opening->days, 'days') }}</td>
                                        <td>{{ $after === null
                                            ? __('views/rhythm/index.as_before') : Uses::interval($after, $year->unit) }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                        </div>
                    @else
                        <p class="muted">{{ __('views/rhythm/index.nobody_has_opened_it_in_the') }}</p>
                    @endif
                @endif
            </section>
        @endforeach
        @if ($pages > 1)
            <p class="with-gap mt-3">
                @if ($page > 1)<a class="push"
                    href="{{ route('rhythm', ['machine' => $shown->machine->id, 'page' => $page - 1]) }}">{{
                        __('views/rhythm/index.the_more_urgent_ones') }}</a>@endif
                @if ($page < $pages)<a class="push"
                    href="{{ route('rhythm', ['machine' => $shown->machine->id, 'page' => $page + 1]) }}">{{
                        __('views/rhythm/index.more', ['years' => $count - $before -
                    count($years)]) }}</a>@endif
            </p>
        @endif
        @if ($resting)
            <p class="muted mt-4">{{ __('views/rhythm/index.on_no_clock_only_when_you', ['resting' => implode(', ', array_map(fn ($task)
                => mb_strtolower($task->name), $resting))]) }}
                <a href="{{ route('machines.start', $shown->machine) }}">{{ __('views/rhythm/index.put_one_on_a_clock') }}</a>.</p>
        @endif
    @endif
</x-layout>
