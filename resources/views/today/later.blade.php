@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@foreach (array_slice($batches, 0, 5) as $later)
    @unless ($loop->first)
        <div class="batch-head">
            <h2 class="batch">Then: {{ $later->care->machine->name }}, {{ (int) ceil($later->estimate->hands->value) }} minutes
                </h2>
            @unless ($running)<x-care.start-together :machine="$later->care->machine"
                :procedures="array_keys($later->procedures)">Start it</x-care.start-together>@endunless
        </div>
        <x-care.due-lines :lines="array_slice($later->lines, 0, 2)" :today="$today" level="h3" :batch="$later"/>
        @if (count($later->lines) > 2)<p class="muted small">And {{ Uses::small(count($later->lines) - 2) }} more in it.</p>
            @endif
    @endunless
    @if ($later->apart)
        <h2 class="batch">Due too, in a round of its own</h2>
        <x-care.due-lines :lines="$later->apart" :today="$today" level="h3"/>
    @endif
@endforeach
@if (count($batches) > 5)<p class="muted small mt-3">
    Then on {{ Uses::small(count($batches) - 5) }} more {{ count($batches) === 6 ? 'machine' : 'machines' }}:
    <a href="/kitchen">see the kitchen</a>.</p>@endif
@if ($others)
    @if ($batches)<h2 class="batch">Soon</h2>@endif
    <x-care.due-lines :lines="$others" :today="$today" level="h3"/>
@endif
@if (count($batches) === 1)<p class="mt-3 mb-0"><a href="{{ route('plan') }}">{{ __('plan.link') }}</a></p>@endif
@if ($more)<p class="muted small mb-0">And {{ $more }} more {{ $more === 1 ? 'is' : 'are' }} due or nearly:
    <a href="{{ route('rhythm') }}">see the rhythm</a>.</p>@endif
@if ($putOff)
    <p class="muted small mb-0 mt-3">Put off: @foreach ($putOff as $line)<a
        href="/machines/{{ $line->care->machine->id }}/rhythm/{{ $line->care->task->id }}">{{ $line->care->name() }},
        {{ $line->care->machine->name }}</a>
        until {{ Dates::short($line->care->rhythm->remindOn) }}{{ $line->putOffBecause() }}{{ $loop->last ? '.' : ';' }}
        @endforeach</p>
@endif
