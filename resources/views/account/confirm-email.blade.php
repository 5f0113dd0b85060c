<x-page.guest :title="__('account.email_confirm')">
    <form class="tile narrow" method="post" action="{{ $url }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/account/confirm-email.good_rinse') }}</p>
        <h1>{{ __('account.email_confirm') }}</h1>
        <x-page.messages/>
        <p>{{ __('account.email_confirm_line', ['email' => $email]) }}</p>
        <p class="mt-4 mb-0"><button class="push push--main push--wide">{{ __('account.email_confirm_do') }}</button></p>
    </form>
</x-page.guest>
