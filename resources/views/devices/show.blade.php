@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout title="{{ $device->name }}" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $device->machine) }}">{{ $device->machine->name }}</a></p>
    <h1>{{ $data->head(session('running') === true) }}</h1>
    @if ($held->isNotEmpty())
        <section class="tile mb-3">
            <p>
                It showed {{ Uses::number($held[0]->total) }} on {{ $data->day($held[0]->at) }}{{ $before
                    ? ', after '.Uses::number($before->total).' on '.$data->day($before->at) : '' }}.
                {{ $held->count() === 1 ? 'That reading waits' : $held->count().' readings wait' }} until you say why.
            </p>
            <form method="post" action="{{ route('devices.settle', $device) }}" class="with-gap">
                @csrf
                <button class="push push--main" name="how" value="zero">It was replaced or set back to 0</button>
                <button class="push" name="how" value="here">Another one, which had counted before</button>
                <button class="push" name="how" value="wrong">The readings are wrong</button>
            </form>
            <x-form.field-error name="how"/>
        </section>
    @endif
    <div class="two-tiles">
        <section class="tile" x-data="stream" data-from="{{ route('devices.stream', $device) }}" @if (session('running')) data-running="1"
            @endif>
            <h2>What it sent</h2>
            <div x-ref="list">@include('devices.stream')</div>
        </section>
        <div class="stack">
            <section class="tile">
                <h2>Its token</h2>
                @if (session('token'))
                    <div x-data="copy">
                        <label class="form-label" for="token">Give it to the device. It is shown only now.</label>
                        <input class="form-control" id="token" readonly value="{{ session('token') }}" x-ref="text">
                        <p class="mt-2"><button type="button" class="push" x-on:click="copy" x-text="label">Copy it</button></p>
                    </div>
                @else
                    <p>{{ $device->token_hash === null ? 'It has none: nothing it sends is taken.'
                        : 'Only a trace of it is kept, so it cannot be shown again.' }}</p>
                @endif
                <div class="with-gap">
                    <form method="post" action="{{ route('devices.rotate', $device) }}">@csrf<button class="push">Make a new one</button>
                        </form>
                    @if ($device->token_hash !== null)<form method="post" action="{{ route('devices.destroy', $device) }}">
                        @csrf @method('delete')<button class="push push--quiet">Shut it out</button></form>@endif
                </div>
            </section>
            @if ($device->simulated)
                <section class="tile">
                    <h2>Simulator</h2>
                    <p>Makes up {{ App\View\Words\Uses::unit($kind->useUnit) }} since it last spoke, sends some twice and out of order, then
                        counts on for a few seconds.</p>
                    <form method="post" action="{{ route('devices.simulate', $device) }}">
                        @csrf<button class="push" @disabled($device->token_hash === null)>Start the simulator</button></form>
                    <p class="muted small mt-3 mb-0">Or in a terminal: <code>php artisan device:simulate {{ $device->id }}</code></p>
                </section>
            @endif
            <section class="tile">
                <h2>For one of your own</h2>
                <p class="small">It posts JSON to <code>{{ url('device/events') }}</code> with the header
                    <code>Authorization: Bearer …</code>. Sending an event twice is harmless.</p>
                <pre class="small mb-0">{"sent": "2026-01-05T20:00:00Z",
 "events": [{"id": "a1",
   "at": "2026-01-05T19:40:00Z",
   "total": 118}]}</pre>
            </section>
        </div>
    </div>
</x-layout>
