<x-layout title="Reminders">
    <section class="tile narrow mt-4">
        <h1>{{ $stopped ? 'No more mail from here.' : 'No more reminders by mail?' }}</h1>
        @if ($stopped)
            <p class="mb-0">Everything else goes on. You can turn them on again under Household.</p>
        @else
            <form method="post" action="{{ $url }}"><button class="push push--main">Stop them</button></form>
        @endif
    </section>
</x-layout>
