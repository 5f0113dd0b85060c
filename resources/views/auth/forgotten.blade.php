<x-page.guest :title="__('account.forgotten_title')">
    <form class="tile narrow" method="post" action="{{ route('password.request') }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/auth/forgotten.good_rinse') }}</p>
        <h1>{{ __('account.forgotten_title') }}</h1>
        <p>{{ __('account.forgotten_line') }}</p>
        <x-form.field name="email" :label="__('account.email')" type="email" autocomplete="username" maxlength="190" required autofocus/>
        <p class="mt-4"><button class="push push--main push--wide">{{ __('account.forgotten_do') }}</button></p>
        <p class="muted small">{{ __('account.forgotten_host') }}</p>
        <p class="mb-0"><a href="{{ route('login') }}">{{ __('account.code_do') }}</a></p>
    </form>
</x-page.guest>
