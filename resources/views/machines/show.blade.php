@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout :title="$care->machine->name" place="kitchen">
    <x-drawing.scale-symbols :handbook="$handbook"/>
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <div class="machine">
        <div class="stack">
            <section class="tile">
                <div class="machine__head">
                    <h1>{{ $care->machine->name }}</h1>
                    <span class="muted">{{ implode(' · ', array_filter([$care->machine->place,
                        ...$care->kind->distinguishing($care->machine->traits)])) }}</span>
                </div>
                @if (view()->exists("components.drawing.cutaway-{$care->kind->id}"))<x-dynamic-component
                    :component="'drawing.cutaway-'.$care->kind->id"
                    :machine="$care->machine" :lines="$lines"/>@endif
            </section>
            @if ($others)
                <section class="tile machine__others">
                    <h2>{{ __('views/machines/show.what_else_it_needs') }}</h2>
                    <ul class="clean-list rows">
                        @foreach ($others as $line)
                            <li>
                                <a class="row-link"
                                    href="{{ route('machines.show', [$care->machine, 'task' => $line->care->task()->id]) }}#task">
                                    {!! (new App\View\Drawing\CloudyGlass($line->care->rhythm()->wear))->svg(40,
                                        $line->care->neverOpened()) !!}
                                    <span {{ App\View\Pages\Rhythm\CareFacts::of($line->care) }}><strong>{{ $line->care->name() }}</strong>
                                        <span class="muted">{{ $line->when() }}</span></span>
                                </a>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endif
            <section class="tile machine__facts">
                <h2>{{ $data->isMachine() ? __('views/machines/show.this_machine') : __('views/machines/show.how_you_use_it') }}</h2>
                <dl class="facts">
                    @foreach ($care->kind->traits() as $trait)
                        @if (! $trait->later && $trait->when->holds($care->machine->traits))
                            <dt>{{ rtrim($trait->ask, '?') }}</dt>
                            <dd>{{ isset($care->machine->traits[$trait->id]) ? Uses::trait($trait, $care->machine->traits)
                                : __('views/machines/show.not_known_yet') }}</dd>
                        @endif
                    @endforeach
                    @foreach ($care->kind->habits() as $habit)
                        <dt>{{ rtrim($habit->ask, '?') }}</dt>
                        <dd>{{ $data->habit($habit) }}</dd>
                    @endforeach
                    @if ($unsaid = count($care->kind->unknownTraits($care->machine->traits)))
                        <dt>{{ __('views/machines/show.still_unknown') }}</dt>
                        <dd>{{ __('views/machines/show.rounds_ask_as_they_show_them', ['unsaid' => App\View\Words\Uses::small($unsaid),
                            'what' => $unsaid === 1 ? __('views/machines/show.thing') : __('views/machines/show.things')]) }}
                            </dd>
                    @endif
                    @foreach ($care->kind->lights($care->machine->traits) as $light)
                        <dt>{{ __('views/machines/show.the_light', ['light' => $light]) }}</dt>
                        <dd>
                            <form class="with-gap" method="post" action="{{ route('lights.store', $care->machine) }}">
                                @csrf
                                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                                <input type="hidden" name="light" value="{{ $light }}">
                                <input type="hidden" name="on" value="{{ isset($care->history->lights[$light]) ? 0 : 1 }}">
                                {{ isset($care->history->lights[$light])
                                    ? __('views/machines/show.on_since').' '.Dates::day($care->history->lights[$light], $today)
                                    : __('views/machines/show.off') }}
                                <button class="push">{{ isset($care->history->lights[$light])
                                    ? __('views/machines/show.it_went_out') : __('views/machines/show.it_is_on') }}</button>
                            </form>
                        </dd>
                    @endforeach
                    @if ($care->isCounted())<dt>{{ __('views/machines/show.counted_in_the_last_7_days') }}</dt>
                    <dd>{{ $care->isWeekKnown() ? Uses::counted($care->weekUses(), $care->kind->useUnit)
                        : __('views/machines/show.nothing_counted_yet') }}</dd>@endif
                </dl>
                <div class="with-gap mt-3">
                    @if ($care->isCounted())<form method="post" action="{{ route('uses.store', $care->machine) }}">
                        @csrf
                        <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        <button class="push">+1 {{ $care->kind->useName }}</button>
                    </form>@endif
                    @if ($data->isMachine())<a class="push"
                        href="{{ route('traces.create', $care->machine) }}">{{ __('machines.go.wrong') }}</a>@endif
                    <a class="push push--quiet" href="{{ route('logbook', ['machine' => $care->machine->id]) }}">{{
                        __('machines.go.logbook') }}</a>
                </div>
                <details class="mt-2">
                    <summary>{{ __('machines.go.more') }}</summary>
                    <ul class="go-list">
                        @foreach ($data->places() as [$address, $name, $isFile])
                            <li><a href="{{ $address }}" @if ($isFile) download @endif>{{ $name }}</a></li>
                        @endforeach
                    </ul>
                </details>
            </section>
        </div>
        <div class="stack">
            @foreach ($running as $round)
                <section class="tile"><h2>{{
                    __('views/machines/show.a_round_is_under_way') }}</h2><p>{{ $round->fittedProcedure()->name }}.</p>
                    <a class="push push--main" href="{{ route('rounds.show', $round) }}">{{
                        __('views/machines/show.go_on_with_the_round') }}</a></section>
            @endforeach
            <x-vessel.notices :notices="$notices" :household="$household" :today="$today"/>
            <x-care.part-needs :lines="$needs"/>
            @if ($shown)<x-care.task-tile :household="$household" :line="$shown" :chart="$chart" :machine="$care->machine"
                :kind="$care->kind" :handbook="$handbook" :today="$today"
                :running="$running->isNotEmpty()" :pointed="$pointed" :caused="$caused"/>@endif
            @if ($data->isMachine())<section class="tile machine__wanted no-print">
                <h2>{{ __('views/machines/show.when_you_want_it') }}</h2>
                <p><a class="push push--wide" href="{{ route('rounds.create', $care->machine) }}">{{
                    __('views/machines/show.several_in_one_round') }}</a></p>
                <p class="muted small">{{ __('views/machines/show.no_date_is_set_for_these') }}</p>
                <p class="chips mb-0">@foreach ($wanted as $procedure => $name)<a class="chip"
                    href="{{ route('handbook.procedure', [$care->kind->id, $procedure,
                        'machine' => $care->machine->id]) }}">{{ $name }}</a>
                        @endforeach
                    </p>
                <hr class="rule">
                <p class="chips mb-0">{{
                    __('views/machines/show.poured_something') }} @foreach ($pourInto as $place)<a class="chip"
                    href="{{ route('vessels.pour', [$place->machine, $place->vessel]) }}">{{ $place->label }}</a> @endforeach</p>
            </section>@endif
        </div>
    </div>
</x-layout>
