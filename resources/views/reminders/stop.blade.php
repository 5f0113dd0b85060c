{{-- Opened by a signed link, without a login and without a session. --}}
<x-page.guest title="Reminders">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>Good Rinse</p>
        <h1>{{ $stopped ? 'No more mail from here.' : 'No more reminders by mail?' }}</h1>
        @if ($stopped)
            <p class="mb-0">Everything else goes on. You can turn them on again under Household, Calendar and mail.</p>
        @else
            <form method="post" action="{{ $url }}" class="mb-0"><button class="push push--main">Stop them</button></form>
        @endif
    </div>
</x-page.guest>
