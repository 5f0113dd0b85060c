<x-layout :title="__('views/readings/create.readings_of', ['machine' => $machine->name])" place="kitchen">
    <h1>{{ __('views/readings/create.bring_in_a_table_of_readings') }}</h1>
    <form method="post" action="{{ route('readings.create', $machine) }}" enctype="multipart/form-data" class="tile reading-form"
        x-data="busy" @submit="start">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p>{{ __('views/readings/create.comma_separated_text_a_header_first') }} <code>{{ __('views/readings/create.when') }}</code> {{
            __('views/readings/create.is_a_day_or_a_day') }} <code>{{ __('views/readings/create.total') }}</code>
            {{ __('views/readings/create.is_what_the_counter_of_showed', ['machine' => $machine->name]) }} <code>{{
                __('views/readings/create.uses') }}</code>
            {{ __('views/readings/create.how_many_there_were', ['use_unit' => App\View\Words\Uses::unit($kind->useUnit)]) }}</p>
        <pre class="small">{{ __('views/readings/create.example') }}</pre>
        <x-form.field name="file" :label="__('views/readings/create.a_file')" type="file" accept=".csv,.txt,text/csv,text/plain"/>
        <div class="field">
            <label class="form-label" for="f-table">{{ __('views/readings/create.or_paste_it') }}</label>
            <textarea class="form-control" id="f-table" name="table" rows="6" spellcheck="false"
                @invalid('table')>{{ old('table') }}</textarea>
            <x-form.field-error name="table"/>
        </div>
        <label class="check-row mt-3"><input type="checkbox" name="replaced" value="1" @checked(old('replaced'))>
            {{ __('views/readings/create.the_counter_was_replaced_or_set') }}</label>
        <p class="mt-4 mb-0 with-gap"><button class="push push--main">{{
            __('views/readings/create.look_through_it') }}</button><a class="push push--quiet"
            href="{{ route('machines.show', $machine) }}">{{ __('views/readings/create.back') }}</a></p>
        <p class="muted small mt-2 mb-0">{{ __('views/readings/create.nothing_is_written_yet') }}</p>
        <p class="mt-3 mb-0" role="status" hidden :hidden="idle"><progress aria-label="{{
            __('views/readings/create.working_through_the_lines') }}"></progress>
            {{ __('views/readings/create.working_through_the_lines_years_of') }}</p>
    </form>
</x-layout>
