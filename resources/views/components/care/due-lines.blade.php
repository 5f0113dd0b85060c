@props(['lines', 'today', 'level' => 'h2', 'batch' => null])
@use('App\View\Words\Dates')
@foreach ($lines as $line)
@php
    $care = $line->care;
    $window = $care->rhythm->window;
@endphp
<div class="due" {{ App\View\Pages\Rhythm\CareFacts::of($care) }}>
    {!! (new App\View\Drawing\CloudyGlass($care->rhythm->wear))->svg($level === 'h2' ? 96 : 56, $care->neverOpened()) !!}
    <div class="due__what">
        <{{ $level }}><a href="/machines/{{ $care->machine->id }}">{{ $care->name() }}</a>
            <span class="muted">· {{ $care->machine->name }}</span></{{ $level }}>
        @if ($batch?->isBroughtForward($line))<p><strong>Nearly due, and the machine is open anyway.</strong></p>@endif
        <p>{{ $line->reason() }}</p>
        @unless ($care->neverOpened())<p class="muted small">
            {{ $care->graded ? 'About '.$care->rhythm->blockedNow->percent().' % '.$care->task->fouls.' by now: '
            : '' }}{{ $line->stateName() }}.</p>@endunless
    </div>
    <div class="due__when">
        @if ($line->bar && $window && $window[0] != $window[1])
            {!! $line->bar->svg() !!}
            <div class="due__ends" aria-hidden="true">@foreach (Dates::ends($window[0], $window[1], $today) as $end)<span>{{ $end }}</span>@endforeach</div>
        @endif
        <strong>{{ $line->when() }}</strong>
        <a class="why-link" href="/machines/{{ $care->machine->id }}/rhythm/{{ $care->task->id }}">why{{ $care->isDue() ? ', or not now'
            : '' }}?<span class="visually-hidden"> {{ $care->name() }} of {{ $care->machine->name }}</span></a>
        @if ($window && $window[0] != $window[1])<span class="visually-hidden">Likely between {{ Dates::day($window[0],
            $today) }} and {{ Dates::day($window[1], $today) }}.</span>@endif
    </div>
</div>
@endforeach
