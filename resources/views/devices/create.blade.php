<x-layout title="Counters of {{ $machine->name }}" place="kitchen">
    <h1>Let a counter do the counting.</h1>
    <div class="two-tiles">
        <form method="post" action="{{ route('devices.store', $machine) }}" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <h2>Add one to {{ $machine->name }}</h2>
            <x-form.field name="name" label="Name" maxlength="60" :value="$kind->counterName" required/>
            <label class="check-row mt-3"><input type="checkbox" name="simulated" value="1" @checked(old('simulated', true))>
                A simulated one, to try it: it makes up its counts</label>
            <p class="mt-4 mb-0 with-gap"><button class="push push--main">Add it</button><a class="push push--quiet"
                href="{{ route('machines.show', $machine) }}">Back</a></p>
        </form>
        <section class="tile">
            <h2>Already there</h2>
            @forelse ($devices as $device)
                <p><a href="{{ route('devices.show', $device) }}">{{ $device->name }}</a>
                    <span class="muted small">{{ $device->token_hash === null ? 'shut out' : ($device->last_seen_at
                    ? 'last heard of '.$device->last_seen_at->setTimezone($machine->household->timezone ?? 'UTC')->format('j F, H:i')
                    : 'not heard of yet') }}</span></p>
            @empty
                <p class="muted mb-0">No counter yet.</p>
            @endforelse
            <hr class="rule">
            <p class="mb-0"><a href="{{ route('readings.create', $machine) }}">Have a table of readings instead?</a></p>
        </section>
    </div>
</x-layout>
