<x-page.guest :title="__('views/auth/register.make_an_account')">
    <form class="tile narrow" method="post" action="{{ $url }}">
        @csrf
        <p class="brand"><x-page.mark/>{{ __('views/auth/register.good_rinse') }}</p>
        <h1>{{ __('views/auth/register.who_looks_after_the_kitchen') }}</h1>
        <x-form.field name="name" :label="__('views/auth/register.your_name')" autocomplete="name" maxlength="80" required autofocus/>
        <x-form.field name="email" :label="__('views/auth/register.e_mail_address')" type="email" autocomplete="username"
            maxlength="190" :value="$email ?? ''" :readonly="$email !== null" required/>
        <x-form.field name="password" :label="__('views/auth/register.password')" type="password" autocomplete="new-password"
            :hint="__('views/auth/register.at_least_10_characters_a_few')" required/>
        <p class="mt-4"><button class="push push--main push--wide">{{ __('views/auth/register.make_the_account') }}</button></p>
        <p class="mb-0">{{ __('views/auth/register.have_one_already') }} <a href="{{ route('login') }}">{{
            __('views/auth/register.log_in') }}</a></p>
    </form>
</x-page.guest>
