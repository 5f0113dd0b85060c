<x-page.guest :title="__('views/auth/register.make_an_account')">
    <form class="tile narrow" method="post" action="{{ route('register.link') }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/auth/register.good_rinse') }}</p>
        <h1>{{ __('views/auth/register.make_an_account') }}</h1>
        <x-page.messages/>
        <p>{{ __('account.register_address_line') }}</p>
        <x-form.field name="email" :label="__('views/auth/register.e_mail_address')" type="email" autocomplete="username"
            maxlength="190" required autofocus/>
        <p class="mt-4"><button class="push push--main push--wide">{{ __('account.register_address_do') }}</button></p>
        <p class="mb-0">{{ __('views/auth/register.have_one_already') }} <a href="{{ route('login') }}">{{
            __('views/auth/register.log_in') }}</a></p>
    </form>
</x-page.guest>
