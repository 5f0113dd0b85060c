<x-layout title="Today" place="today">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    @if ($session)
        <section class="tile mb-3 with-gap">
            <p class="mb-0">{{ __('plan.session_open') }}</p>
            <a class="push push--main" href="{{ route('sessions.show', $session) }}">{{ __('plan.to_session') }}</a>
        </section>
    @endif
    {{ $body }}
</x-layout>
