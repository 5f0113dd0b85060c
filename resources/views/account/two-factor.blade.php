<section class="tile">
    <h2>{{ __('account.two_factor') }}</h2>
    @if (session('codes'))
        <p><strong>{{ __('account.codes') }}</strong></p>
        <ul class="codes">@foreach (session('codes') as $code)<li>{{ $code }}</li>@endforeach</ul>
    @endif
    @if ($person->two_factor_at)
        <form method="post" action="{{ route('account.code') }}">
            @csrf
            @method('delete')
            <p>{{ __('account.two_factor_is_on', ['count' => $codesLeft]) }}</p>
            <x-account.current id="for-code"/>
            <p class="mt-3 mb-0"><button class="push">{{ __('account.two_factor_end') }}</button></p>
        </form>
    @else
        <p>{{ __('account.two_factor_line') }}</p>
        @if ($secret)
            <form method="post" action="{{ route('account.code') }}">
                @csrf
                @method('put')
                <p>{{ __('account.two_factor_secret') }}</p>
                <p class="mb-1"><span class="muted small">{{ __('account.two_factor_key') }}</span><br>
                    <code class="key">{{ trim(chunk_split($secret, 4, ' ')) }}</code></p>
                <p><a href="{{ $phoneLink }}">{{ __('account.two_factor_open') }}</a></p>
                <x-form.field name="code" :label="__('account.two_factor_code')" inputmode="numeric" autocomplete="one-time-code"
                    maxlength="20" required/>
                <p class="mt-3 mb-0"><button class="push push--main">{{ __('account.two_factor_confirm') }}</button></p>
            </form>
        @else
            <form method="post" action="{{ route('account.code') }}">
                @csrf
                <x-account.current id="for-code"/>
                <p class="mt-3 mb-0"><button class="push">{{ __('account.two_factor_begin') }}</button></p>
            </form>
        @endif
    @endif
</section>
