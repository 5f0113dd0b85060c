<x-page.guest :title="__('views/auth/login.log_in')">
    <div class="threshold__pair">
        <div>
            <p class="brand"><x-page.mark/>{{ __('views/auth/login.good_rinse') }}</p>
            <h1>{{ __('views/auth/login.know_what_your_dishwasher_needs_before') }}</h1>
            <div class="threshold__glasses" aria-hidden="true">
                <x-drawing.glass :wear="0.05" :size="56"/><x-drawing.glass :wear="0.45" :size="56"/><x-drawing.glass :wear="0.85"
                    :size="56"/><x-drawing.glass :wear="1.3"
                    :size="56"/>
            </div>
        </div>
        <form class="tile" method="post" action="{{ route('login') }}">
            @csrf
            <h2>{{ __('views/auth/login.log_in') }}</h2>
            <x-page.messages/>
            <x-form.field name="email" :label="__('views/auth/login.e_mail_address')" type="email"
                autocomplete="username" required autofocus/>
            <x-form.field name="password" :label="__('views/auth/login.password')" type="password"
                autocomplete="current-password" required/>
            <div class="field">
                <label class="with-gap"><input type="checkbox" name="remember" value="1" @checked(old('remember'))>
                    {{ __('views/auth/login.stay_logged_in_on_this_device') }}</label>
            </div>
            <p class="mt-4"><button class="push push--main push--wide">{{ __('views/auth/login.log_in') }}</button></p>
            <p class="mb-1"><a href="{{ route('password.request') }}">{{ __('account.forgotten') }}</a></p>
            <p class="mb-0">{{ __('views/auth/login.new_here') }} <a href="{{ route('register') }}">{{
                __('views/auth/login.make_an_account') }}</a></p>
        </form>
    </div>
</x-page.guest>
