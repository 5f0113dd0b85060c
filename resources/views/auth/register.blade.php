<x-page.guest title="Make an account">
    <form class="tile narrow" method="post" action="{{ route('register') }}">
        @csrf
        <p class="brand"><x-page.mark/>Good Rinse</p>
        <h1>Who looks after the kitchen?</h1>
        <x-form.field name="name" label="Your name" autocomplete="name" maxlength="80" required autofocus/>
        <x-form.field name="email" label="E-mail address" type="email" autocomplete="username" maxlength="190" required/>
        <x-form.field name="password" label="Password" type="password" autocomplete="new-password"
            hint="At least 10 characters; a few words in a row do well." required/>
        <p class="mt-4"><button class="push push--main push--wide">Make the account</button></p>
        <p class="mb-0">Have one already? <a href="{{ route('login') }}">Log in</a></p>
    </form>
</x-page.guest>
