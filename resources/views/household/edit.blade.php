<x-layout :title="__('views/household/edit.household')" place="household">
    <h1>{{ $household->name }}</h1>
    <div class="row g-4 mt-1">
        <div class="col-lg-7 stack">
            <form class="tile" method="post" action="{{ route('household') }}">
                @csrf
                @method('put')
                <h2>{{ __('views/household/edit.kitchen') }}</h2>
                <x-form.household-fields :household="$household"/>
                <h2 class="mt-4">{{ __('views/household/edit.water_and_vinegar') }}</h2>
                <p class="hint">
                    {{ __('views/household/edit.hard_water_lays_down_lime_and') }} <a href="{{ route('water') }}">{{
                        __('views/household/edit.read_it_off_a_strip_and') }}</a>.</p>
                <div class="row g-3">
                    <div class="col-4 col-md-4"><x-form.field name="hardness" :label="__('views/household/edit.hardness')"
                        inputmode="decimal"
                        :value="$household->hardness"/></div>
                    <div class="col-8 col-md-4 field">
                        <label class="form-label" for="f-hardness_unit">{{ __('views/household/edit.in') }}</label>
                        <select class="form-select" id="f-hardness_unit" name="hardness_unit" @invalid('hardness_unit')>
                            @foreach ($units as $unit)<option value="{{ $unit }}"
                                @selected(old('hardness_unit', $household->hardness_unit) === $unit)>{{ __("units.hardness.$unit") }}
                                </option>@endforeach
                        </select>
                        <x-form.field-error name="hardness_unit"/>
                        @error('hardness')<label class="with-gap mt-2"><input type="checkbox" name="sure" value="1">
                            {{ __('household.hardness_sure') }}</label>@enderror
                    </div>
                    <div class="col-12 col-md-4 field">
                        <label class="form-label" for="f-vinegar_strength">{{ __('views/household/edit.your_vinegar') }}</label>
                        <select class="form-select" id="f-vinegar_strength" name="vinegar_strength" @invalid('vinegar_strength')>
                            @foreach ($strengths as $strength)
                                <option value="{{ $strength }}"
                                @selected((float) old('vinegar_strength', $household->vinegar_strength) === $strength)>
                                {{ __('views/household/edit.acid', ['strength' => $strength]) }}</option>@endforeach
                        </select>
                        <x-form.field-error name="vinegar_strength"/>
                    </div>
                </div>
                <h2 class="mt-4">{{ __('views/household/edit.what_trouble_costs') }}</h2>
                <div class="row g-3">
                    <div class="col-6"><x-form.field name="hour_value" :label="__('views/household/edit.an_hour_of_your_time')"
                        inputmode="decimal"
                        :value="$household->hour_value"/></div>
                    <div class="col-6"><x-form.field name="call_fee" :label="__('views/household/edit.having_somebody_come')"
                        inputmode="decimal"
                        :value="$household->call_fee"/></div>
                </div>
                <x-form.field name="currency" :label="__('views/household/edit.the_sign_of_your_money_if')" maxlength="6"
                    :placeholder="__('views/household/edit.kr')"
                    :value="$household->currency"/>
                <p class="hint mt-2">{{ __('views/household/edit.it_decides_when_calling_a_technician') }}</p>
                <h2 class="mt-4">{{ __('views/household/edit.house_rule') }}</h2>
                <label class="check-row"><input type="checkbox" name="no_harsh" value="1"
                    @checked(old('no_harsh', ! $household->harsh_chemicals))>
                    {{ __('views/household/edit.no_harsh_chemicals_no_round_uses') }}</label>
                <p class="mt-4 mb-0"><button class="push push--main">{{ __('views/household/edit.save') }}</button></p>
            </form>
            <section class="tile">
                <h2>{{ __('exchange.export') }}</h2>
                <p>{{ __('exchange.export_line') }}</p>
                <p><a class="push" href="{{ route('household.export') }}" download>{{ __('exchange.export_do') }}</a></p>
                <p class="mb-0"><a href="{{ route('import') }}">{{ __('exchange.import_link') }}</a></p>
            </section>
            @if ($isKeeper)
                <section class="tile">
                    <h2>{{ __('household.backup.title') }}</h2>
                    <p class="mb-0">{{ $backup }}</p>
                </section>
                <details class="tile">
                    <summary>{{ __('household.end') }}</summary>
                    <form method="post" action="{{ route('household') }}" class="mt-3">
                        @csrf
                        @method('delete')
                        <p>{{ __('household.end_line') }}</p>
                        <div class="field">
                            <label class="form-label" for="f-end-name">{{ __('household.end_name') }}</label>
                            <input class="form-control" id="f-end-name" name="name" autocomplete="off" required>
                        </div>
                        <x-account.current id="for-end"/>
                        <p class="mt-3 mb-0"><button class="push">{{ __('household.end_do') }}</button></p>
                    </form>
                </details>
            @endif
        </div>
        <div class="col-lg-5 stack">
            <section class="tile">
                <h2>{{ __('views/household/edit.people') }}</h2>
                <ul class="clean-list">
                    @foreach ($memberships as $membership)
                        <li>{{ $membership->user->name }} <span class="muted small">{{ $membership->user->email }}
                            @if ($membership->isKeeper())<strong>{{ __('household.role.keeper') }}</strong>@endif</span></li>
                    @endforeach
                </ul>
                @if ($isKeeper)
                    <hr class="rule">
                    @if (session('invitation'))
                        <div x-data="copy">
                            <x-page.words of="copy"/>
                            <label class="form-label"
                                for="invitation">{{ __('views/household/edit.send_this_link_to_one_person') }}</label>
                            <input class="form-control" id="invitation" readonly value="{{ session('invitation') }}" x-ref="text">
                            <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">{{
                                __('views/household/edit.copy_it') }}</button></p>
                        </div>
                    @endif
                    <form method="post" action="{{ route('invitations.store') }}">@csrf<input type="hidden" name="id"
                        value="{{ Str::ulid() }}"><button class="push">{{ __('views/household/edit.invite_somebody') }}</button></form>
                    @foreach ($invitations as $invitation)
                        <form class="with-gap mt-2" method="post" action="{{ route('invitations.destroy', $invitation) }}">
                            @csrf
                            @method('delete')
                            <span class="small">{{
                                __('views/household/edit.open_invitation_until', ['format' =>
                                    App\View\Words\Dates::dayAndTime($invitation->expires_at, $household->zone())]) }}</span>
                            <button class="push push--quiet">{{ __('views/household/edit.take_it_back') }}</button>
                        </form>
                    @endforeach
                    @if ($memberships->count() > 1)
                        <details class="mt-3" @if ($errors->has('current_password')) open @endif>
                            <summary>{{ __('household.manage') }}</summary>
                            @foreach ($memberships as $membership)
                                @continue($membership->isKeeper())
                                <form class="with-gap mt-3" method="post" action="{{ route('members.destroy', $membership->user) }}">
                                    @csrf
                                    @method('delete')
                                    <span>{{ $membership->user->name }}</span>
                                    <button class="push push--quiet">{{ __('household.remove') }}<span
                                        class="visually-hidden"> {{ $membership->user->name }}</span></button>
                                </form>
                            @endforeach
                            <form class="mt-3" method="post" action="{{ route('members.keeper') }}">
                                @csrf
                                <div class="field">
                                    <label class="form-label" for="f-keeper">{{ __('household.new_keeper') }}</label>
                                    <select class="form-select" id="f-keeper" name="user">
                                        @foreach ($memberships as $membership)
                                            @continue($membership->isKeeper())
                                            <option value="{{ $membership->user_id }}">{{ $membership->user->name }}</option>
                                        @endforeach
                                    </select>
                                </div>
                                <x-account.current id="for-keeper"/>
                                <p class="mt-2 mb-0"><button class="push">{{ __('household.hand_over') }}</button></p>
                            </form>
                        </details>
                    @endif
                    <p class="mt-3 mb-0"><a href="{{ route('household.security') }}">{{ __('household.security') }}</a></p>
                @else
                    <form method="post" action="{{ route('household.leave') }}">@csrf<button
                        class="push push--quiet mt-2">{{ __('household.leave') }}</button></form>
                @endif
            </section>
            <section class="tile">
                <h2>{{ __('views/household/edit.reminders') }}</h2>
                <p>{{ __('views/household/edit.a_calendar_to_subscribe_to_and') }}</p>
                <a class="push" href="{{ route('reminders') }}">{{ __('views/household/edit.calendar_and_mail') }}</a>
                @if ($devices->isNotEmpty())
                    <hr class="rule">
                    <h2>{{ __('views/household/edit.counters') }}</h2>
                    <ul class="clean-list">@foreach ($devices as $device)<li>
                        <a href="{{ route('devices.show', $device) }}">{{ $device->name }}</a>
                        <span class="muted small">{{ $device->machine->name }}</span></li>@endforeach</ul>
                @endif
            </section>
            <form class="tile" method="post" action="{{ route('appearance') }}">
                @csrf
                @method('put')
                <fieldset>
                    <legend>{{ __('views/household/edit.your_screen') }}</legend>
                    <div class="picks">
                        @foreach (['auto' => __('views/household/edit.as_the_device_has_it'),
                            'light' => __('views/household/edit.light'), 'dark' => __('views/household/edit.dark')] as $id => $name)
                            <div class="pick">
                                <input type="radio" id="p-appearance-{{ $id }}" name="appearance" value="{{ $id }}"
                                    @checked(auth()->user()->appearance === $id)>
                                <label for="p-appearance-{{ $id }}">{{ $name }}</label>
                            </div>
                        @endforeach
                    </div>
                </fieldset>
                <p class="mt-3 mb-0"><button class="push">{{ __('views/household/edit.use_this') }}</button></p>
            </form>
            <section class="tile">
                <h2>{{ __('household.account') }}</h2>
                <p>{{ __('household.account_line') }}</p>
                <a class="push" href="{{ route('account') }}">{{ __('household.account') }}</a>
            </section>
            <form method="post" action="{{ route('logout') }}">
                @csrf<button class="push push--quiet">{{
                    __('views/household/edit.log_out', ['user' => auth()->user()->name]) }}</button></form>
        </div>
    </div>
</x-layout>
