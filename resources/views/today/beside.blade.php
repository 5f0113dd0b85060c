@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
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
            @foreach ($traceWaits[$trace->id] as $line)<p>{{ $line }}</p>@endforeach
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
        <section class="tile no-print">
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
        <section class="tile no-print">
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
    <x-care.part-needs :lines="$needs"/>
    <x-care.short-supplies :lines="$short"/>
    <x-vessel.notices :notices="$vessels" :household="$household" :today="$today"/>
    <section class="tile no-print">
        <h2>{{ $machines ? 'Used' : 'Away?' }}</h2>
        @foreach ($machines as $care)
            @if ($loop->iteration === 8)<details class="mt-2"><summary>{{ count($machines) - 7 }} more machines</summary>@endif
            <div class="tally">
                <div>
                    <strong>{{ $care->machine->name }}</strong><br>
                    <span class="muted small">{{ $data->usage($care) }}@if ($data->canFail($care)) ·
                        <a href="/machines/{{ $care->machine->id }}/trace">{{ __('machines.go.wrong') }}<span class="visually-hidden">
                        with {{ $care->machine->name }}</span></a>@endif</span>
                </div>
                <form method="post" action="/machines/{{ $care->machine->id }}/uses">
                    <input type="hidden" name="_token" value="{{ csrf_token() }}">
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <button class="push"
                        aria-label="{{ __('today.one_more', ['use' => $care->kind->useName, 'machine' => $care->machine->name]) }}">+1
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
    @if ($machines)<section class="tile no-print">
        <h2>Poured something?</h2>
        <div class="chips small mb-0">
            @foreach ($machines as $care)@if ($loop->iteration === 8)<details><summary>More</summary>
                @endif @foreach ($pourInto[$care->machine->id] as $vessel => $name)<a class="chip"
                href="/machines/{{ $care->machine->id }}/vessels/{{ $vessel }}/pour">{{ isset($care->kind->vessels[$vessel])
                && count($machines) > 1 ? $care->machine->name.', '.$name : $name }}</a> @endforeach @endforeach
            @if (count($machines) > 7)</details>@endif
        </div>
    </section>@endif
    @if (count($machines) === 1 && $first)<x-drawing.grade-key :scale="$handbook->scales()->scale($first->care->scale())"
        title="What you compare it with"/>@endif
</aside>
