<x-layout :title="$title" place="logbook">
    <x-drawing.scale-symbols :handbook="$handbook"/>
    <div class="today">
        <section class="tile">
            <p class="muted mb-0">{{ $about }}</p>
            <h1>{{ $headline }}</h1>
            @foreach ($opened as $each)@if ($each->learned)<p class="step__say">
                {{ count($opened) > 1 ? $each->line->care->name().': ' : '' }}{{ $each->learned }}</p>@endif @endforeach
            @if ($openEnds)
                <p class="hazard"><strong>{{ __($settled ? 'rounds.was_left_open' : 'rounds.left_open') }}: {{ $openEnds }}.</strong>
                    @unless ($settled){{ __('rounds.not_before') }}@endunless</p>
            @endif
            @foreach ($opened as $each)
                <x-care.due-lines :lines="[$each->line]" :today="$today" :level="$loop->first ? 'h2' : 'h3'"/>
                <div class="due">
                    <ul class="openings">
                        @foreach (array_filter(['found' => $each->found, 'left' => $each->found ? $each->left : null]) as $how => $grade)
                            <li><x-drawing.swatch :grade="$grade"
                                :size="72"/><span>{{ __("rounds.$how", ['grade' => mb_strtolower($grade->name)]) }}</span></li>
                        @endforeach
                    </ul>
                    <div></div>
                    <form method="post" action="{{ route('entries.void', $each->entry) }}">
                        @csrf
                        <button class="push push--wide">{{ __($each->found ? 'rounds.undo_opening' : 'rounds.undo_this') }}</button>
                    </form>
                </div>
            @endforeach
            @if ($photos->isNotEmpty())
                <div class="photos mb-3">@foreach ($photos as $photo)<img src="{{ route('photos.show', $photo) }}"
                    alt="{{ __('views/rounds/summary.picture_from_this_round') }}">@endforeach</div>
            @endif
            @foreach ($lights as [$light, $task])
                <form method="post" action="{{ route('lights.store', $machine) }}" class="remedy">
                    @csrf
                    <input type="hidden" name="light" value="{{ $light }}">
                    <input type="hidden" name="on" value="0">
                    <p>{{ __('rounds.light_on', ['task' => mb_strtolower($task)]) }}</p>
                    <button class="push">{{ __('views/rounds/summary.the_light_is_out') }}</button>
                </form>
            @endforeach
            @if ($failed)<p class="with-gap"><a class="push" href="{{ route('traces.create', $machine) }}">{{
                __('views/rounds/summary.look_for_the_cause') }}</a></p>@endif
            @foreach ($offers as $offer)
                <form method="post" action="{{ route('rounds.store', $machine) }}" class="remedy">
                    @csrf
                    <input type="hidden" name="procedure" value="{{ $offer->procedure }}">
                    <p>{{ __('views/rounds/summary.you_found', ['found' => $offer->found, 'why' => $offer->why]) }}</p>
                    <button class="push">{{ __('views/rounds/summary.start', ['offer' => mb_strtolower($offer->name)]) }}</button>
                </form>
            @endforeach
            @if ($round->care_session_id)<p class="with-gap"><a class="push push--main"
                href="{{ route('sessions.show', $round->care_session_id) }}">{{ __('plan.on_with_it') }}</a></p>@endif
            @if ($backTo)<p class="with-gap"><a class="push push--main"
                href="{{ $backTo }}">{{ __('views/rounds/summary.did_it_help_back_to_what') }}</a></p>@endif
            <p class="with-gap mb-0"><a @class(['push', 'push--main' => ! $backTo && ! $round->care_session_id])
                href="{{ route('today') }}">{{ __('views/rounds/summary.back_to_today') }}</a><a class="push"
                href="{{ route('rounds.record', $round) }}">{{ __('views/rounds/summary.service_record') }}</a><a class="push push--quiet"
                href="{{ route('logbook') }}">{{ __('views/rounds/summary.see_the_logbook') }}</a></p>
        </section>
        <aside class="today__aside">
            <section class="tile">
                <h2>{{ __('views/rounds/summary.written_down') }}</h2>
                <ul class="clean-list">
                    @forelse ($lines as [$words, $time])
                        <li class="mb-2">{{ $words }} <span class="muted small">{{ $time }}</span></li>
                    @empty
                        <li class="muted">{{ __('views/rounds/summary.nothing_was_written') }}</li>
                    @endforelse
                </ul>
            </section>
        </aside>
    </div>
</x-layout>
