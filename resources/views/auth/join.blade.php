<x-page.guest :title="__('views/auth/join.join_a_household')">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>{{ __('views/auth/join.good_rinse') }}</p>
        <x-page.messages/>
        @if ($invitation === null)
            <h1>{{ __('views/auth/join.this_invitation_no_longer_opens_anything') }}</h1>
            <p>{{ __('views/auth/join.it_has_been_used_has_run') }}</p>
            <p class="mb-0"><a class="push" href="{{ route('login') }}">{{ __('views/auth/join.to_the_log_in') }}</a></p>
        @else
            <h1>{{ __('views/auth/join.join', ['invitation' => $invitation->household->name]) }}</h1>
            @auth
                <p>{{ __('views/auth/join.you_will_see_its_machines_and') }}</p>
                <form method="post" action="{{ route('join', $token) }}">
                    @csrf
                    <button class="push push--main push--wide">{{ __('views/auth/join.join_2') }}</button>
                </form>
            @else
                <p>{{ __('views/auth/join.make_an_account_or_log_in') }}</p>
                <p class="with-gap mb-0"><a class="push push--main" href="{{ route('register') }}">{{
                    __('views/auth/join.make_an_account') }}</a><a class="push"
                    href="{{ route('login') }}">{{ __('views/auth/join.log_in') }}</a></p>
            @endauth
        @endif
    </div>
</x-page.guest>
