<div x-data="timer" data-left="{{ $left }}" data-label="{{ $timer->label }}"
    data-yes="{{ __('rounds.tell.yes') }}" data-no="{{ __('rounds.tell.no') }}">
    <h2>{{ $timer->label }}</h2>
    <p @class(['clock', 'clock--big' => $big, 'clock--over' => $left <= 0]) x-ref="clock" role="timer">{{ $shown }}</p>
    <p class="muted small" aria-live="polite" x-ref="word">{{ $state() }}@if ($left > 0
        && $timer->most) Never more than {{ (int) $timer->most->value }} minutes.@endif</p>
    <p class="mb-0"><button type="button" class="push push--quiet" x-ref="tell" x-on:click="tell" hidden>{{
        __('rounds.tell.ask') }}</button></p>
    @if ($harms())<p class="hazard small mb-0">Longer than the {{ (int) $timer->most->value }} minutes it may be.</p>@endif
</div>
