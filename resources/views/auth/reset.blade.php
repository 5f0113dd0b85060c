<x-page.guest :title="__('account.reset_title')">
    <form class="tile narrow" method="post" action="{{ route('password.reset', $token) }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/auth/reset.good_rinse') }}</p>
        <h1>{{ __('account.reset_title') }}</h1>
        <x-form.field name="email" :label="__('account.email')" type="email" autocomplete="username" maxlength="190" :value="$email"
            required/>
        <x-form.field name="password" :label="__('account.password_new')" type="password" autocomplete="new-password"
            :hint="__('account.password_hint')" required autofocus/>
        <p class="mt-4 mb-0"><button class="push push--main push--wide">{{ __('account.reset_do') }}</button></p>
    </form>
</x-page.guest>
