@props(['timer', 'now', 'zone', 'big' => false])
@php
    $left = $timer->secondsLeft($now);
    $shown = sprintf('%s%d:%02d', $left < 0 ? '+' : '', intdiv(abs($left), 60), abs($left) % 60);
    $late = $timer->lateness($now);
@endphp
<div x-data="timer" data-left="{{ $left }}" data-label="{{ $timer->label }}">
    <h2>{{ $timer->label }}</h2>
    <p @class(['clock', 'clock--big' => $big, 'clock--over' => $left <= 0]) x-ref="clock" role="timer">{{ $shown }}</p>
    <p class="muted small" aria-live="polite" x-ref="word">{{ $left > 0 && ! $timer->open
        ? 'Over at '.App\View\Words\Dates::time($timer->endsAt(), $zone).'. It runs on when you leave this page.' : ($timer->open
        ? 'It takes as long as the rest of your work.' : 'It is over. Go on when you are ready.') }}@if ($left > 0
        && $timer->most) Never more than {{ (int) $timer->most->value }} minutes.@endif</p>
    @if ($late?->harms && ! $big)<p class="hazard small mb-0">Longer than the {{ (int) $timer->most->value }} minutes it may be.</p>@endif
</div>
