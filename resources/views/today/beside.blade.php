@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<aside class="today__aside">
    @foreach ($held as $trace)
        <section class="tile">
            <h2>{{ __('views/today/beside.is_it_still_fixed') }}</h2>
            <p>{{ __('views/today/beside.put_right', ['machine' => $trace->machine->name,
                'id' => mb_strtolower($traceNames[$trace->id]),
                    'ended_at' => Dates::relative(GoodRinse\Core\Quantity\Day::at($trace->ended_at, $household->zone()), $today)]) }}</p>
            <div class="with-gap">
                @foreach (['1' => __('views/today/beside.yes_it_is'), '0' => __('views/today/beside.no_it_is_back')] as $yes => $answer)
                    <form method="post" action="/traces/{{ $trace->id }}/held">
                        @csrf<input type="hidden" name="held" value="{{ $yes }}"><button class="push">{{ $answer }}</button></form>
                @endforeach
            </div>
        </section>
    @endforeach
    @foreach ($traces as $trace)
        <section class="tile">
            <h2>{{ __('views/today/beside.being_looked_into') }}</h2>
            <p>{{ $trace->machine->name }}: {{ mb_strtolower($traceNames[$trace->id]) }}.</p>
            @foreach ($traceWaits[$trace->id] as $line)<p>{{ $line }}</p>@endforeach
            <a class="push" href="/traces/{{ $trace->id }}">{{ __('views/today/beside.to_the_next_card') }}</a>
        </section>
    @endforeach
    @foreach ($asked as [$symptom, $care, $name])
        <section class="tile">
            <h2>{{ __('views/today/beside.is_it_gone') }}</h2>
            <p>{{ __('views/today/beside.noticed_since_then_did_it_come', ['name' => $name, 'day' => Dates::relative($symptom->day,
                $today), 'care' => mb_strtolower($care->name()), 'machine' => $care->machine->name]) }}</p>
            <div class="with-gap">
                @foreach (['1' => __('views/today/beside.yes_gone'), '0' => __('views/today/beside.no')] as $caused => $answer)
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
        <section class="tile no-print">
            <h2>{{ __('views/today/beside.about_how_many_in_the_last') }}</h2>
            @foreach (array_slice($uncounted, 0, 3) as $care)
                <form class="week" method="post" action="/machines/{{ $care->machine->id }}/uses">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <input type="hidden" name="over" value="7">
                    <label class="form-label" for="week-{{ $care->machine->id }}">{{ $care->machine->name }}
                        <span class="muted small">{{ Uses::unit($care->kind->useUnit) }}</span></label>
                    <input class="form-control" id="week-{{ $care->machine->id }}" name="uses" type="number" min="0" max="1000"
                        step="any" inputmode="decimal" value="{{ round($care->history->rate * 7, 1) }}" required>
                    <button class="push" aria-label="{{
                        __('views/today/beside.write_down_the_uses_of', ['machine' => $care->machine->name]) }}">{{
                            __('views/today/beside.keep') }}</button>
                </form>
            @endforeach
            @if (count($uncounted) > 3)<p class="muted small mt-2 mb-0">
                {{ __('views/today/beside.more_are_asked_after_these', ['uncounted' => Str::ucfirst(Uses::small(count($uncounted) -
                    3))]) }}</p>@endif
        </section>
    @endif
    @if ($waterAsks)
        <section class="tile no-print">
            <h2>{{ __('views/today/beside.how_hard_is_your_water') }}</h2>
            <p class="small">{{ __('views/today/beside.it_sets_how_often_is_descaled', ['water_asks' => $waterAsks]) }}</p>
            <form method="post" action="/household/water" class="water-asks">
                @csrf
                @method('put')
                <input type="hidden" name="hardness_unit" value="dH"><input type="hidden" name="back" value="today">
                @foreach ($handbook->doseModel()->feels as [$feel, $degrees])<button class="push" name="hardness"
                    value="{{ $degrees }}">{{ $feel->name }}<small>{{ $feel->note }}</small></button>@endforeach
            </form>
            <p class="small mt-2 mb-0"><a href="/household/water">{{ __('views/today/beside.measured_or_with_a_strip') }}</a></p>
        </section>
    @endif
    <x-care.part-needs :lines="$needs"/>
    <x-care.short-supplies :lines="$short"/>
    <x-vessel.notices :notices="$vessels" :household="$household" :today="$today"/>
    <section class="tile no-print">
        <h2>{{ $machines ? __('views/today/beside.used') : __('views/today/beside.away') }}</h2>
        @foreach ($machines as $care)
            @if ($loop->iteration === 8)<details class="mt-2"><summary>{{
                __('views/today/beside.more_machines', ['machines' => count($machines) - 7]) }}</summary>@endif
            <div class="tally">
                <div>
                    <strong>{{ $care->machine->name }}</strong><br>
                    <span class="muted small">{{ $data->usage($care) }}@if ($data->canFail($care)) ·
                        <a href="/machines/{{ $care->machine->id }}/trace">{{ __('machines.go.wrong') }}<span class="visually-hidden">
                        {{ __('views/today/beside.with', ['machine' => $care->machine->name]) }}</span></a>@endif</span>
                </div>
                <x-care.one-more :care="$care">+1 {{ $care->kind->useName }}</x-care.one-more>
            </div>
        @endforeach
        @if (count($machines) > 7)</details>@endif
        @if (array_filter($machines, fn ($care) => $care->awayUntil($today)))<form method="post" action="/away/back" class="mt-3">
            <input type="hidden" name="_token" value="{{ csrf_token() }}"><input type="hidden" name="id"
                value="{{ Str::ulid() }}"><button
            class="push">{{ __('views/today/beside.im_back') }}</button></form>@endif
        <p class="small mt-3 mb-0"><a href="/away">{{ __('views/today/beside.nobody_at_home_for_a_while') }}</a></p>
    </section>
    @if ($pourInto)<section class="tile no-print">
        <h2>{{ __('views/today/beside.poured_something') }}</h2>
        <div class="chips small mb-0">
            @foreach ($pourInto as $place)@if ($loop->iteration === 9)<details><summary>{{ __('views/today/beside.more') }}</summary>
                @endif <a class="chip" href="/machines/{{ $place->machine }}/vessels/{{ $place->vessel }}/pour">{{
                $place->label }}</a> @endforeach
            @if (count($pourInto) > 8)</details>@endif
        </div>
    </section>@endif
    @if (count($machines) === 1 && $first?->care->isGraded())<x-drawing.grade-key :scale="$handbook->scales()->scale($first->care->scale())"
        :title="__('views/today/beside.what_you_compare_it_with')"/>@endif
</aside>
