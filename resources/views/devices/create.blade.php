<x-layout :title="__('views/devices/create.counters_of', ['machine' => $machine->name])" place="kitchen">
    <h1>{{ __('views/devices/create.let_a_counter_do_the_counting') }}</h1>
    <div class="two-tiles">
        <form method="post" action="{{ route('devices.store', $machine) }}" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <h2>{{ __('views/devices/create.add_one_to', ['machine' => $machine->name]) }}</h2>
            <x-form.field name="name" :label="__('views/devices/create.name')" maxlength="60" :value="$kind->counterName" required/>
            <label class="check-row mt-3"><input type="checkbox" name="simulated" value="1" @checked(old('simulated', true))>
                {{ __('views/devices/create.a_simulated_one_to_try_it') }}</label>
            <p class="mt-4 mb-0 with-gap"><button class="push push--main">{{
                __('views/devices/create.add_it') }}</button><a class="push push--quiet"
                href="{{ route('machines.show', $machine) }}">{{ __('views/devices/create.back') }}</a></p>
        </form>
        <section class="tile">
            <h2>{{ __('views/devices/create.already_there') }}</h2>
            @forelse ($devices as $device)
                <p><a href="{{ route('devices.show', $device) }}">{{ $device->name }}</a>
                    <span class="muted small">{{ $device->token_hash === null
                        ? __('views/devices/create.shut_out') : ($device->last_seen_at
                    ? __('views/devices/create.last_data', [
                        'at' => App\View\Words\Dates::dayAndTime($device->last_seen_at, $zone),
                    ])
                    : __('views/devices/create.no_data_yet')) }}</span></p>
            @empty
                <p class="muted mb-0">{{ __('views/devices/create.no_counter_yet') }}</p>
            @endforelse
            <hr class="rule">
            <p class="mb-0"><a href="{{ route('readings.create', $machine) }}">{{
                __('views/devices/create.have_a_table_of_readings_instead') }}</a></p>
        </section>
    </div>
</x-layout>
