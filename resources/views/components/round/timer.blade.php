<div x-data="timer" data-left="{{ $left }}" data-label="{{ $timer->label }}"
    data-yes="{{ __('rounds.tell.yes') }}" data-no="{{ __('rounds.tell.no') }}">
    <h2>{{ $timer->label }}</h2>
    <p @class(['clock', 'clock--big' => $big, 'clock--over' => $left <= 0]) x-ref="clock" role="timer">{{ $shown }}</p>
    <p class="muted small" aria-live="polite" x-ref="word">{{ $state() }}@if ($left > 0
        && $timer->most) {{ __('views/components/round/timer.never_more_than_minutes', ['value' => (int) $timer->most->value]) }}@endif</p>
    <p class="mb-0"><button type="button" class="push push--quiet" x-ref="tell" x-on:click="tell" hidden>{{
        __('rounds.tell.ask') }}</button></p>
    @if ($harms())<p class="hazard small mb-0">{{
        __('views/components/round/timer.longer_than_the_minutes_it_may', ['value' => (int) $timer->most->value]) }}</p>@endif
</div>
