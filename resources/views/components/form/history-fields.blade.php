@props(['tasks', 'first' => [], 'today', 'kind', 'traits' => []])
{{-- What was before: when it was new, and what was cleaned last. What is not known, or was never done, is left out. --}}
<x-form.field name="new_on" :label="__('views/components/form/history-fields.installed_new_on')"
    :hint="__('views/components/form/history-fields.everything_in_it_was_clean_then')" type="date" max="{{ $today }}"/>
<x-form.field name="cleaned_on" :label="__('views/components/form/history-fields.when_was_it_last_cleaned')"
    :hint="__('views/components/form/history-fields.leave_out_what_you_dont_know')" type="date" max="{{ $today }}"/>
<fieldset class="field">
    <legend class="form-label">{{ __('views/components/form/history-fields.what_was_cleaned_then') }}</legend>
    @foreach ($tasks as $task)
        <label class="chip"><input type="checkbox" name="cleaned[]" value="{{ $task->id }}"
            @checked(in_array($task->id, (array) old('cleaned', $first), true))>
            {{ $task->byPart ? $kind->part($task->part)->name($traits) : $task->name }}</label>
    @endforeach
    <x-form.field-error name="cleaned"/>
</fieldset>
