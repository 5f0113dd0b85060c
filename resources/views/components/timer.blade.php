@props(['timer', 'now', 'zone', 'big' => false])
@php
    $left = $timer->secondsLeft($now);
    $shown = sprintf('%s%d:%02d', $left < 0 ? '+' : '', intdiv(abs($left), 60), abs($left) % 60);
@endphp
<div x-data="timer" data-left="{{ $left }}" data-label="{{ $timer->label }}">
    <h2>{{ $timer->label }}</h2>
    <p @class(['clock', 'clock--big' => $big, 'clock--over' => $left <= 0]) x-ref="clock" role="timer">{{ $shown }}</p>
    <p class="muted small" aria-live="polite" x-ref="word">{{ $left > 0 ? 'Over at '.App\View\Words\Dates::time($timer->endsAt(), $zone).'. It runs on when you leave this page.' : 'It is over: take it out when you are ready.' }}</p>
</div>
