<x-page.guest :title="__('account.code_title')">
    <form class="tile narrow" method="post" action="{{ route('login.code') }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/auth/code.good_rinse') }}</p>
        <h1>{{ __('account.code_title') }}</h1>
        <x-form.field name="code" :label="__('account.two_factor_code')" :hint="__('account.code_line')" autocomplete="one-time-code"
            maxlength="20" required autofocus/>
        <p class="mt-4 mb-0"><button class="push push--main push--wide">{{ __('account.code_do') }}</button></p>
    </form>
</x-page.guest>
