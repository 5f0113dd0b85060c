@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout title="{{ $device->name }}" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $device->machine) }}">{{ $device->machine->name }}</a></p>
    <h1>{{ $data->head(session('running') === true) }}</h1>
    @if ($held->isNotEmpty())
        <section class="tile mb-3">
            <p>
                {{ __('views/devices/show.it_showed_on_until_you_say', ['total' => Uses::number($held[0]->total),
                    'at' => $data->day($held[0]->at), 'at2' => $before
                    ? ', '.__('views/devices/show.after').' '.Uses::number($before->total).' '.__('views/devices/show.on').' '
                    .$data->day($before->at) : '', 'what' =>
                    $held->count() === 1 ? __('views/devices/show.that_reading_waits')
                    : $held->count().' '.__('views/devices/show.readings_wait')]) }}
            </p>
            <form method="post" action="{{ route('devices.settle', $device) }}" class="with-gap">
                @csrf
                <button class="push push--main" name="how" value="zero">{{
                    __('views/devices/show.it_was_replaced_or_set_back') }}</button>
                <button class="push" name="how" value="here">{{ __('views/devices/show.another_one_which_had_counted_before') }}</button>
                <button class="push" name="how" value="wrong">{{ __('views/devices/show.the_readings_are_wrong') }}</button>
            </form>
            <x-form.field-error name="how"/>
        </section>
    @endif
    <div class="two-tiles">
        <section class="tile" x-data="stream" data-from="{{ route('devices.stream', $device) }}" @if (session('running')) data-running="1"
            @endif>
            <h2>{{ __('views/devices/show.what_it_sent') }}</h2>
            <div x-ref="list">@include('devices.stream')</div>
        </section>
        <div class="stack">
            <section class="tile">
                <h2>{{ __('views/devices/show.its_token') }}</h2>
                @if (session('token'))
                    <div x-data="copy">
                        <x-page.words of="copy"/>
                        <label class="form-label" for="token">{{ __('views/devices/show.give_it_to_the_device_it') }}</label>
                        <input class="form-control" id="token" readonly value="{{ session('token') }}" x-ref="text">
                        <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">{{
                            __('views/devices/show.copy_it') }}</button></p>
                    </div>
                @else
                    <p>{{ $device->token_hash === null ? __('views/devices/show.it_has_none_nothing_it_sends')
                        : __('views/devices/show.only_a_trace_of_it_is') }}</p>
                @endif
                <div class="with-gap">
                    <form method="post" action="{{ route('devices.rotate', $device) }}">@csrf<button class="push">{{
                        __('views/devices/show.make_a_new_one') }}</button>
                        </form>
                    @if ($device->token_hash !== null)<form method="post" action="{{ route('devices.destroy', $device) }}">
                        @csrf @method('delete')<button class="push push--quiet">{{
                            __('views/devices/show.shut_it_out') }}</button></form>@endif
                </div>
            </section>
            @if ($device->simulated)
                <section class="tile">
                    <h2>{{ __('views/devices/show.simulator') }}</h2>
                    <p>{{ __('views/devices/show.makes_up_since_it_last_spoke', ['use_unit' =>
                        App\View\Words\Uses::unit($kind->useUnit)]) }}</p>
                    <form method="post" action="{{ route('devices.simulate', $device) }}">
                        @csrf<button class="push" @disabled($device->token_hash === null)>{{
                            __('views/devices/show.start_the_simulator') }}</button></form>
                    <p class="muted small mt-3 mb-0">{{ __('views/devices/show.or_in_a_terminal') }} <code>{{
                        __('views/devices/show.php_artisan_device', ['id' => $device->id]) }}</code></p>
                </section>
            @endif
            <section class="tile">
                <h2>{{ __('views/devices/show.for_one_of_your_own') }}</h2>
                <p class="small">{{ __('views/devices/show.it_posts_json_to') }} <code>{{ url('device/events') }}</code> {{
                    __('views/devices/show.with_the_header') }}
                    <code>{{ __('views/devices/show.authorization_bearer') }}</code>{{
                        __('views/devices/show.sending_an_event_twice_is_harmless') }}</p>
                <pre class="small mb-0">{{ __('views/devices/show.example') }}</pre>
            </section>
        </div>
    </div>
</x-layout>
