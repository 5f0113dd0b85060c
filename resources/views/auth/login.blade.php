<x-page.guest title="Log in">
    <div class="threshold__pair">
        <div>
            <p class="brand"><x-page.mark/>Good Rinse</p>
            <h1>Know what your dishwasher needs before it is trouble.</h1>
            <div class="threshold__glasses" aria-hidden="true">
                <x-drawing.glass :wear="0.05" :size="56"/><x-drawing.glass :wear="0.45" :size="56"/><x-drawing.glass :wear="0.85"
                    :size="56"/><x-drawing.glass :wear="1.3"
                    :size="56"/>
            </div>
        </div>
        <form class="tile" method="post" action="{{ route('login') }}">
            @csrf
            <h2>Log in</h2>
            <x-page.messages/>
            <x-form.field name="email" label="E-mail address" type="email" autocomplete="username" required autofocus/>
            <x-form.field name="password" label="Password" type="password" autocomplete="current-password" required/>
            <div class="field">
                <label class="with-gap"><input type="checkbox" name="remember" value="1" @checked(old('remember'))>
                    Stay logged in on this device</label>
            </div>
            <p class="mt-4"><button class="push push--main push--wide">Log in</button></p>
            <p class="mb-1"><a href="{{ route('password.request') }}">{{ __('account.forgotten') }}</a></p>
            <p class="mb-0">New here? <a href="{{ route('register') }}">Make an account</a></p>
        </form>
    </div>
</x-page.guest>
