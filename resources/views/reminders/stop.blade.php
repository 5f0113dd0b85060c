{{-- Opened by a signed link, without a login and without a session. --}}
<x-page.guest :title="__('views/reminders/stop.reminders')">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>{{ __('views/reminders/stop.good_rinse') }}</p>
        <h1>{{ $stopped ? __('views/reminders/stop.no_more_mail_from_here') : __('views/reminders/stop.no_more_reminders_by_mail') }}</h1>
        @if ($stopped)
            <p class="mb-0">{{ __('views/reminders/stop.everything_else_goes_on_you_can') }}</p>
        @else
            <form method="post" action="{{ $url }}" class="mb-0"><button class="push push--main">{{
                __('views/reminders/stop.stop_them') }}</button></form>
        @endif
    </div>
</x-page.guest>
