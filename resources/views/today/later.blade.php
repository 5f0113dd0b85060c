@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@foreach (array_slice($batches, 0, 5) as $later)
    @unless ($loop->first)
        <div class="batch-head">
            <h2 class="batch">{{
                trans_choice('views/today/later.then_minutes', (int) ceil($later->estimate->hands->value),
                    ['machine' => $later->care->machine->name]) }}
                </h2>
            @unless ($running)<x-care.start-together :machine="$later->care->machine"
                :procedures="array_keys($later->procedures)">{{ __('views/today/later.start_it') }}</x-care.start-together>@endunless
        </div>
        <x-care.due-lines :lines="array_slice($later->lines, 0, 2)" :today="$today" level="h3" :batch="$later"/>
        @if (count($later->lines) > 2)<p class="muted small">{{
            __('views/today/later.and_more_in_it', ['lines' => Uses::small(count($later->lines) - 2)]) }}</p>
            @endif
    @endunless
    @if ($later->apart)
        <h2 class="batch">{{ __('views/today/later.due_too_in_a_round_of') }}</h2>
        <x-care.due-lines :lines="$later->apart" :today="$today" level="h3"/>
    @endif
@endforeach
@if (count($batches) > 5)<p class="muted small mt-3">
    {{ __('views/today/later.then_on_more', ['batches' => Uses::small(count($batches) - 5),
        'what' => count($batches) === 6 ? __('views/today/later.machine') : __('views/today/later.machines')]) }}
    <a href="/kitchen">{{ __('views/today/later.see_the_kitchen') }}</a>.</p>@endif
@if ($others)
    @if ($batches)<h2 class="batch">{{ __('views/today/later.soon') }}</h2>@endif
    <x-care.due-lines :lines="$others" :today="$today" level="h3"/>
@endif
@if (count($batches) === 1)<p class="mt-3 mb-0"><a href="{{ route('plan') }}">{{ __('plan.link') }}</a></p>@endif
@if ($more)<p class="muted small mb-0">{{
    __('views/today/later.and_more_due_or_nearly', ['more' => $more,
        'what' => $more === 1 ? __('views/today/later.is') : __('views/today/later.are')]) }}
    <a href="{{ route('rhythm') }}">{{ __('views/today/later.see_the_rhythm') }}</a>.</p>@endif
@if ($putOff)
    <p class="muted small mb-0 mt-3">{{ __('views/today/later.put_off') }} @foreach ($putOff as $line)<a
        href="/machines/{{ $line->care->machine->id }}/rhythm/{{ $line->care->task()->id }}">{{ $line->care->name() }},
        {{ $line->care->machine->name }}</a>
        {{ __('views/today/later.until', ['remind_on' => Dates::short($line->care->rhythm()->remindOn, $today),
            'put_off_because' => $line->putOffBecause(), 'last' => $loop->last ? '.' : ';']) }}
        @endforeach</p>
@endif
