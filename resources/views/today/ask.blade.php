@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<div class="ask">
    <div>
        @if ($session)
            <h1>{{ __('plan.session_open') }}</h1>
            <p>{{ __('plan.session_on', ['machines' => implode(', ', $inSession)]) }}</p>
        @elseif ($running)
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
        @elseif ($first->care->neverOpened() && $first->care->graded && $jobs === 1)
            <h1>Look at it once.<br>{{ $hands }} minutes of your hands.</h1>
            <p>{{ $first->care->machine->name }}: {{ mb_strtolower($first->care->name()) }}. What you find sets when it comes
                next.</p>
        @elseif ($batches)
            <h1>{{ $jobs === 1 ? 'One round today.' : Str::ucfirst(Uses::small($jobs)).' jobs'.(count($batches) > 1
                ? ' on '.Uses::small(count($batches)).' machines.'
                : ' in one round.') }}<br>{{ $hands }} minutes of your hands{{ count($batches) > 1 ? ' in all' : '' }}.</h1>
            <p>
                @if ($handsFree === null && $batches[0]->estimate->wait && $batches[0]->estimate->meanwhile)
                    While it soaks: {{ mb_strtolower(implode(', ', array_slice($batches[0]->estimate->meanwhile, 0, 3))) }}.
                @endif
                @if ($handsFree === null)
                    Started now, all is done at <strong><time data-after="{{ $seconds }}"></time></strong>.
                @else
                    {{ __('plan.waits_used') }}
                    @if ($handsFree < $seconds){{ __('plan.hands_free') }}
                        <strong><time data-after="{{ $handsFree }}"></time></strong>,@endif
                    {{ __('plan.all_done') }} <strong><time data-after="{{ $seconds }}"></time></strong>.
                    <a href="{{ route('plan') }}">{{ __('plan.see') }}</a>
                @endif
            </p>
        @else
            <h1>Nothing {{ $dangers ? 'else ' : '' }}to do today.<br>{{ $first->care->rhythm->remindOn
                ? 'Next on '.Dates::longWeekday($first->care->rhythm->remindOn, $today).'.' : '' }}</h1>
            @if ($first->care->isPutOff($today))
                <p>{{ Str::ucfirst($first->care->name()) }}, {{ $first->care->machine->name }}, is put off until
                    then{{ $first->putOffBecause() }}. You can still do it now.</p>
            @else
                <p>First comes {{ mb_strtolower($first->care->name()) }}, {{ $first->care->machine->name }}:
                    {{ $first->when() }}. {{ $first->care->graded ? 'You can open it earlier: what you find moves the date.'
                    : 'You can do it earlier.' }}</p>
            @endif
        @endif
    </div>
    <div class="ask__do">
        @if ($session)
            <a class="push push--main" href="{{ route('sessions.show', $session) }}">{{ __('plan.to_session') }}</a>
        @elseif ($running)
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
        @elseif (count($batches) > 1)
            <form method="post" action="{{ route('sessions.store') }}">
                @csrf
                @foreach ($batches as $each)@foreach (array_keys($each->procedures) as $procedure)<input type="hidden" name="jobs[]"
                    value="{{ $each->care->machine->id }}:{{ $procedure }}">@endforeach @endforeach
                <button class="push push--wide push--main">{{ __('plan.begin_all') }}</button>
            </form>
            <x-care.start-together :machine="$batches[0]->care->machine" :procedures="array_keys($batches[0]->procedures)">
                {{ __('plan.only', ['machine' => $batches[0]->care->machine->name]) }}</x-care.start-together>
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
