<x-layout :title="__('views/household/new.name_your_household')">
    <form class="tile narrow" method="post" action="{{ route('household.new') }}">
        @csrf
        <h1>{{ __('views/household/new.what_is_this_kitchen_called') }}</h1>
        <p class="muted">{{ __('views/household/new.everyone_you_invite_later_shares_its') }}</p>
        <x-form.household-fields :household="null" zone="UTC"/>
        <p class="mt-4 mb-0"><button class="push push--main push--wide">{{ __('views/household/new.this_is_it') }}</button></p>
    </form>
    <form method="post" action="{{ route('logout') }}" class="narrow mt-3">@csrf<button class="push push--quiet">{{
        __('views/household/new.log_out') }}</button></form>
</x-layout>
