@props(['lines', 'today', 'level' => 'h2', 'batch' => null, 'shared' => false])
@use('App\View\Words\Dates')
@foreach ($lines as $line)
<div class="due" {{ App\View\Pages\Rhythm\CareFacts::of($line->care) }}>
    {!! (new App\View\Drawing\CloudyGlass($line->care->rhythm()->wear))->svg($level === 'h2' ? 96 : 56, $line->care->neverOpened()) !!}
    <div class="due__what">
        <{{ $level }}><a href="/machines/{{ $line->care->machine->id }}">{{ $line->care->name() }}</a>
            <span class="muted">· {{ $line->care->machine->name }}</span></{{ $level }}>
        @if ($batch?->isBroughtForward($line))<p><strong>{{
            __('views/components/care/due-lines.nearly_due_and_the_machine_is') }}</strong></p>@endif
        <p>{{ $line->reason() }}</p>
        @unless ($line->care->neverOpened())<p class="muted small">
            {{ $line->soil() }}{{ $line->stateName() }}.</p>@endunless
    </div>
    <div class="due__when">
        @if ($line->bar && $window = $line->window())
            {!! $line->bar->svg() !!}
            <div class="due__ends" aria-hidden="true">
                @foreach (Dates::ends($window[0], $window[1], $today) as $end)<span>{{ $end }}</span>@endforeach</div>
        @endif
        <strong>{{ $line->when() }}</strong>
        <a class="why-link" href="/machines/{{ $line->care->machine->id }}/rhythm/{{ $line->care->task()->id }}">{{
            __('today.why') }}<span class="visually-hidden"> {{
                __('views/components/care/due-lines.of', ['care' => $line->care->name(),
                    'machine' => $line->care->machine->name]) }}</span></a>
        @if ($shared && $line->isDue())
            <form method="post" action="{{ route('tasks.claim', [$line->care->machine, $line->care->id]) }}">
                @csrf
                @if ($by = $line->claimedBy())
                    @method('delete')
                    <span class="small">{{ __('today.does_it', ['name' => $by]) }}</span>
                    <button class="push push--quiet">{{ __('today.let_go') }}</button>
                @else
                    <button class="push push--quiet">{{ __('today.claim') }}</button>
                @endif
            </form>
        @endif
        @if ($window = $line->window())<span class="visually-hidden">{{
            __('views/components/care/due-lines.likely_between_and', ['window' => Dates::day($window[0],
            $today), 'window2' => Dates::day($window[1], $today)]) }}</span>@endif
    </div>
</div>
@endforeach
