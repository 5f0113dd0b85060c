<x-layout title="Change {{ $machine->name }}" place="kitchen">
    <form method="post" action="{{ route('machines.update', $machine) }}" class="narrow stack">
        @csrf
        @method('put')
        <h1>{{ $machine->name }}: details</h1>
        <section class="tile">
            <x-form.field name="name" label="Name" maxlength="60" :value="$machine->name" required/>
            <x-form.field name="place" label="Where it stands" maxlength="60" :value="$machine->place"/>
            <x-form.field name="model" label="Model, on its rating label" maxlength="60" :value="$machine->model"
                hint="For the call sheet and for finding its manual."/>
            <x-form.field name="serial" label="Serial number" maxlength="60" :value="$machine->serial"/>
            <x-form.field name="bought_on" label="Bought on" type="date" :value="$machine->bought_on"/>
            <x-form.field name="warranty_until" label="Warranty until" type="date" :value="$machine->warranty_until"
                hint="Under warranty the maker comes before a part or a call."/>
        </section>
        <section class="tile"><x-form.machine-fields :kind="$kind" :machine="$machine"/></section>
        <p class="muted">How it is used, and how often its jobs begin:
            <a href="{{ route('machines.start', $machine) }}">what its rhythms start from</a>.</p>
        <p class="with-gap"><button class="push push--main">Save</button><a class="push push--quiet"
            href="{{ route('machines.show', $machine) }}">Leave it as it was</a></p>
    </form>
</x-layout>
