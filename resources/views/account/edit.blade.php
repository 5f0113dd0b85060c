<x-layout :title="__('account.title')" place="household">
    <h1>{{ __('account.title') }}</h1>
    <div class="row g-4 mt-1">
        <div class="col-lg-6 stack">
            <form class="tile" method="post" action="{{ route('account.name') }}">
                @csrf
                @method('put')
                <h2>{{ __('account.you') }}</h2>
                <x-form.field name="name" :label="__('account.name')" autocomplete="name" maxlength="80" :value="$person->name" required/>
                <p class="mt-3 mb-0"><button class="push">{{ __('account.save') }}</button></p>
            </form>
            <form class="tile" method="post" action="{{ route('account.email') }}">
                @csrf
                @method('put')
                <h2>{{ __('account.email') }}</h2>
                @if ($person->new_email)<p>{{ __('account.email_waits', ['email' => $person->new_email, 'now' => $person->email]) }}</p>
                @else<p>{{ $person->email }}</p>@endif
                <x-form.field name="email" :label="__('account.email_new')" type="email" autocomplete="email" maxlength="190"
                    required/>
                <x-account.current id="for-email"/>
                <p class="mt-3 mb-0"><button class="push">{{ __('account.email_do') }}</button></p>
            </form>
            <form class="tile" method="post" action="{{ route('account.password') }}">
                @csrf
                @method('put')
                <h2>{{ __('account.password') }}</h2>
                <input type="text" name="username" value="{{ $person->email }}" autocomplete="username" hidden>
                <x-account.current id="for-password"/>
                <x-form.field name="password" :label="__('account.password_new')" type="password" autocomplete="new-password"
                    :hint="__('account.password_hint')" required/>
                <p class="mt-3 mb-0"><button class="push push--main">{{ __('account.password_do') }}</button></p>
            </form>
        </div>
        <div class="col-lg-6 stack">
            @include('account.two-factor')
            @include('account.shortcuts')
            <section class="tile">
                <h2>{{ __('account.logins') }}</h2>
                <ul class="clean-list rows">
                    @foreach ($logins as $each)
                        <li class="with-gap">
                            <span>{{ $each['browser'] }}@if ($each['here']), <strong>{{ __('account.here') }}</strong>@endif
                                <small class="muted">{{ __('account.seen', [
                                    'day' => $each['seen'], 'address' => $each['login']->address]) }}</small></span>
                            @unless ($each['here'])
                                <form method="post" action="{{ route('account.login', $each['login']->id) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="push push--quiet">{{ __('account.log_out_one') }}</button>
                                </form>
                            @endunless
                        </li>
                    @endforeach
                </ul>
                <form method="post" action="{{ route('account.logins') }}">
                    @csrf
                    @method('delete')
                    <button class="push mt-3">{{ __('account.log_out_others') }}</button>
                </form>
            </section>
            <section class="tile">
                <h2>{{ __('account.households') }}</h2>
                <ul class="clean-list rows">
                    @foreach ($memberships as $membership)
                        <li class="with-gap">
                            <span>{{ $membership->household->name }}@if ($membership->isKeeper())
                                <small class="muted">{{ __('household.role.keeper') }}</small>@endif</span>
                            @if ($membership->household_id === $person->household_id)
                                <span class="muted small">{{ __('account.household_now') }}</span>
                            @else
                                <form method="post" action="{{ route('household.open', $membership->household) }}">
                                    @csrf<button class="push push--quiet">{{ __('account.household_open') }}</button></form>
                            @endif
                        </li>
                    @endforeach
                </ul>
                <p class="mt-3 mb-0"><a class="push"
                    href="{{ route('household.new', ['another' => 1]) }}">{{ __('account.household_more') }}</a></p>
            </section>
            <details class="tile" @if ($errors->has('gone')) open @endif>
                <summary>{{ __('account.delete') }}</summary>
                <form method="post" action="{{ route('account') }}" class="mt-3">
                    @csrf
                    @method('delete')
                    <p>{{ __('account.delete_line') }}</p>
                    <x-account.current id="for-delete"/>
                    <p class="mt-3 mb-0"><button class="push">{{ __('account.delete_do') }}</button></p>
                </form>
            </details>
        </div>
    </div>
</x-layout>
