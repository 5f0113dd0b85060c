<x-page.guest title="Join a household">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>Good Rinse</p>
        <x-page.messages/>
        @if ($invitation === null)
            <h1>This invitation no longer opens anything.</h1>
            <p>It has been used, has run out or was taken back. Ask for a new one.</p>
            <p class="mb-0"><a class="push" href="{{ route('login') }}">To the log-in</a></p>
        @else
            <h1>Join “{{ $invitation->household->name }}”.</h1>
            @auth
                <p>You will see its machines and its logbook, and can do rounds.</p>
                <form method="post" action="{{ route('join', $token) }}">
                    @csrf
                    <button class="push push--main push--wide">Join</button>
                </form>
            @else
                <p>Make an account or log in first; then you come back here.</p>
                <p class="with-gap mb-0"><a class="push push--main" href="{{ route('register') }}">Make an account</a><a class="push"
                    href="{{ route('login') }}">Log in</a></p>
            @endauth
        @endif
    </div>
</x-page.guest>
