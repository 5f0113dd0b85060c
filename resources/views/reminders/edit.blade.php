<x-layout title="Calendar and mail" place="household">
    <h1>Reminders in your calendar and by mail</h1>
    <div class="two-tiles">
        <section class="tile">
            <h2>In your calendar</h2>
            <p>A private address that any calendar program can subscribe to: every job with its window and an alarm, and what to buy.
                Who has the address can read it.</p>
            @if (session('feed'))
                <div x-data="copy">
                    <label class="form-label" for="feed">Subscribe to this. It is shown only now.</label>
                    <input class="form-control" id="feed" readonly value="{{ session('feed') }}" x-ref="text">
                    <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">Copy it</button></p>
                </div>
            @endif
            @if (session('display'))
                <div x-data="copy">
                    <label class="form-label" for="display">{{ __('reminders.display_token') }}</label>
                    <input class="form-control" id="display" readonly value="{{ session('display') }}" x-ref="text">
                    <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">Copy it</button></p>
                </div>
            @endif
            @foreach ($feeds as $feed)
                <form class="with-gap mb-2" method="post" action="{{ route('feeds.destroy', $feed) }}">
                    @csrf
                    @method('delete')
                    <span class="small">{{ __("reminders.made.$feed->reader") }}
                        {{ $feed->created_at->setTimezone($household->timezone)->format('j F, H:i') }}</span>
                    <button class="push push--quiet">Close it</button>
                </form>
            @endforeach
            <form method="post" action="{{ route('feeds.store') }}">@csrf<input type="hidden" name="id" value="{{ Str::ulid() }}"><button
                class="push">Make an address</button></form>
            <hr class="rule">
            <h2>{{ __('reminders.display') }}</h2>
            <p>{{ __('reminders.display_line', ['url' => route('due')]) }}</p>
            <form method="post" action="{{ route('feeds.store') }}">@csrf<input type="hidden" name="id" value="{{ Str::ulid() }}"><input
                type="hidden" name="reader" value="display"><button class="push">{{ __('reminders.display_do') }}</button></form>
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
            <h2>By mail</h2>
            <label class="check-row"><input type="checkbox" name="wanted" value="1" @checked(old('wanted', $person->reminders))>
                Remind {{ $person->email }} when something falls due</label>
            <div class="row g-3 mt-1">
                @foreach (['digest_hour' => 'At', 'quiet_from' => 'Quiet from', 'quiet_to' => 'until'] as $name => $label)
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
            <p class="hint mt-3">One mail a day at most, and not of the same jobs every day. Each has a link that ends them.</p>
            <p class="mb-0"><button class="push push--main">Save</button></p>
        </form>
        <section class="tile outbox">
            <h2>{{ $simulated ? 'The box mail goes to' : 'Mail' }}</h2>
            <p class="muted small">{{ $simulated ? 'No mail server is set up, so mail stays in here, a stand-in for one.'
                : 'Mail goes out through your mail server.' }}</p>
            <form method="post" action="{{ route('reminders.send') }}">@csrf<button class="push">Send today's now</button></form>
            @foreach ($mails as $mail)
                <details class="mt-2" @if ($loop->first) open @endif>
                    <summary>{{ $mail->subject }} <span class="muted small">{{ Carbon\CarbonImmutable::parse($mail->sent_at,
                        'UTC')->setTimezone($household->timezone)->format('j F, H:i') }}</span></summary>
                    <pre class="mail">{{ $mail->text }}</pre>
                </details>
            @endforeach
        </section>
    </div>
</x-layout>
