<x-layout :title="__('views/machines/edit.change', ['machine' => $machine->name])" place="kitchen">
    <form method="post" action="{{ route('machines.update', $machine) }}" class="narrow stack">
        @csrf
        @method('put')
        <h1>{{ __('views/machines/edit.details', ['machine' => $machine->name]) }}</h1>
        <section class="tile">
            <x-form.field name="name" :label="__('views/machines/edit.name')" maxlength="60" :value="$machine->name" required/>
            <x-form.field name="place" :label="__('views/machines/edit.where_it_stands')" maxlength="60" :value="$machine->place"/>
            <x-form.field name="model" :label="__('views/machines/edit.model_on_its_rating_label')" maxlength="60"
                :value="$machine->model"
                :hint="__('views/machines/edit.for_the_call_sheet_and_for')"/>
            <x-form.field name="serial" :label="__('views/machines/edit.serial_number')" maxlength="60" :value="$machine->serial"/>
            <x-form.field name="bought_on" :label="__('views/machines/edit.bought_on')" type="date" :value="$machine->bought_on"/>
            <x-form.field name="warranty_until" :label="__('views/machines/edit.warranty_until')" type="date"
                :value="$machine->warranty_until"
                :hint="__('views/machines/edit.under_warranty_the_maker_comes_before')"/>
        </section>
        <section class="tile"><x-form.machine-fields :kind="$kind" :machine="$machine"/></section>
        <p class="muted">{{ __('views/machines/edit.how_it_is_used_and_how') }}
            <a href="{{ route('machines.start', $machine) }}">{{ __('views/machines/edit.what_its_rhythms_start_from') }}</a>.</p>
        <p class="with-gap"><button class="push push--main">{{ __('views/machines/edit.save') }}</button><a class="push push--quiet"
            href="{{ route('machines.show', $machine) }}">{{ __('views/machines/edit.leave_it_as_it_was') }}</a></p>
    </form>
</x-layout>
