<x-layout :title="__('views/reminders/edit.calendar_and_mail')" place="household">
    <h1>{{ __('views/reminders/edit.reminders_in_your_calendar_and_by') }}</h1>
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('views/reminders/edit.in_your_calendar') }}</h2>
            <p>{{ __('views/reminders/edit.a_private_address_that_any_calendar') }}</p>
            @if (session('feed'))
                <div x-data="copy">
                    <x-page.words of="copy"/>
                    <label class="form-label" for="feed">{{ __('views/reminders/edit.subscribe_to_this_it_is_shown') }}</label>
                    <input class="form-control" id="feed" readonly value="{{ session('feed') }}" x-ref="text">
                    <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">{{
                        __('views/reminders/edit.copy_it') }}</button></p>
                </div>
            @endif
            @if (session('display'))
                <div x-data="copy">
                    <x-page.words of="copy"/>
                    <label class="form-label" for="display">{{ __('reminders.display_token') }}</label>
                    <input class="form-control" id="display" readonly value="{{ session('display') }}" x-ref="text">
                    <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">{{
                        __('views/reminders/edit.copy_it') }}</button></p>
                </div>
            @endif
            @foreach ($feeds as $feed)
                <form class="with-gap mb-2" method="post" action="{{ route('feeds.destroy', $feed) }}">
                    @csrf
                    @method('delete')
                    <span class="small">{{ __("reminders.made.$feed->reader") }}
                        {{ App\View\Words\Dates::dayAndTime($feed->created_at, $household->zone()) }}</span>
                    <button class="push push--quiet">{{ __('views/reminders/edit.close_it') }}</button>
                </form>
            @endforeach
            <form method="post" action="{{ route('feeds.store') }}">@csrf<input type="hidden" name="id" value="{{ Str::ulid() }}"><button
                class="push">{{ __('views/reminders/edit.make_an_address') }}</button></form>
            <hr class="rule">
            <h2>{{ __('reminders.display') }}</h2>
            <p>{{ __('reminders.display_line', ['url' => route('due')]) }}</p>
            <form method="post" action="{{ route('feeds.store') }}">@csrf<input type="hidden" name="id" value="{{ Str::ulid() }}"><input
                type="hidden" name="reader" value="display"><button class="push">{{ __('reminders.display_do') }}</button></form>
            <div x-data="notices" data-scripted>
                <hr class="rule">
                <h2>{{ __('reminders.device') }}</h2>
                <x-page.words of="notices"/>
                <p aria-live="polite" x-text="line">{{ __('reminders.device_line') }}</p>
                <p class="mb-0"><button type="button" class="push" x-on:click="change" x-text="label"></button></p>
            </div>
        </section>
        <form class="tile" method="post" action="{{ route('reminders') }}">
            @csrf
            @method('put')
            <fieldset class="field mt-0 mb-3">
                <legend><h2>{{ __('reminders.kind') }}</h2></legend>
                @foreach (App\Models\Household::CALENDAR_KINDS as $kind)
                    <label class="check-row"><input type="radio" name="calendar_kind" value="{{ $kind }}"
                        @checked(old('calendar_kind', $household->calendar_kind) === $kind)>
                        <span>{{ __("reminders.kinds.$kind") }}</span></label>
                @endforeach
            </fieldset>
            <h2>{{ __('views/reminders/edit.by_mail') }}</h2>
            <label class="check-row"><input type="checkbox" name="wanted" value="1" @checked(old('wanted', $person->reminders))>
                {{ __('views/reminders/edit.remind_when_something_falls_due', ['email' => $person->email]) }}</label>
            <div class="row g-3 mt-1">
                @foreach (['digest_hour' => __('views/reminders/edit.at'), 'quiet_from' => __('views/reminders/edit.quiet_from'),
                    'quiet_to' => __('views/reminders/edit.quiet_until')] as $name => $label)
                    <div class="col-6 col-sm-4 field">
                        <label class="form-label" for="f-{{ $name }}">{{ $label }}</label>
                        <select class="form-select" id="f-{{ $name }}" name="{{ $name }}"
                            @invalid($name)>@for ($hour = 0; $hour < 24; $hour++)
                            <option value="{{ $hour }}" @selected((int) old($name, $household->$name) === $hour)>
                            {{ sprintf('%02d:00', $hour) }}</option>@endfor</select>
                        <x-form.field-error :name="$name"/>
                    </div>
                @endforeach
            </div>
            <label class="check-row mt-3"><input type="checkbox" name="quiet_machines" value="1"
                @checked(old('quiet_machines', $household->quiet_machines))> {{ __('reminders.quiet_machines') }}</label>
            <p class="hint mt-3">{{ __('views/reminders/edit.one_mail_a_day_at_most') }}</p>
            <p class="mb-0"><button class="push push--main">{{ __('views/reminders/edit.save') }}</button></p>
        </form>
        <section class="tile outbox">
            <h2>{{ $simulated ? __('views/reminders/edit.the_box_mail_goes_to') : __('views/reminders/edit.mail') }}</h2>
            <p class="muted small">{{ $simulated ? __('views/reminders/edit.no_mail_server_is_set_up')
                : __('views/reminders/edit.mail_goes_out_through_your_mail') }}</p>
            <form method="post" action="{{ route('reminders.send') }}">@csrf<button class="push">{{
                __('views/reminders/edit.send_todays_now') }}</button></form>
            @foreach ($mails as $mail)
                <details class="mt-2" @if ($loop->first) open @endif>
                    <summary>{{ $mail->subject }} <span class="muted small">{{ App\View\Words\Dates::dayAndTime(
                        Carbon\CarbonImmutable::parse($mail->sent_at, 'UTC'), $household->zone()) }}</span></summary>
                    <pre class="mail">{{ $mail->text }}</pre>
                </details>
            @endforeach
        </section>
    </div>
</x-layout>
