@props(['tasks', 'first' => [], 'today', 'kind', 'traits' => []])
{{-- What was before: when it was new, and what was cleaned last. What nobody knows, or was never done, is left out. --}}
<x-form.field name="new_on" label="Installed new on" hint="Everything in it was clean then." type="date" max="{{ $today }}"/>
<x-form.field name="cleaned_on" label="When was it last cleaned?"
    hint="Leave out what nobody knows, or was never done: it is looked at once, soon." type="date" max="{{ $today }}"/>
<fieldset class="field">
    <legend class="form-label">What was cleaned then?</legend>
    @foreach ($tasks as $task)
        <label class="chip"><input type="checkbox" name="cleaned[]" value="{{ $task->id }}"
            @checked(in_array($task->id, (array) old('cleaned', $first), true))>
            {{ $task->byPart ? $kind->part($task->part)->name($traits) : $task->name }}</label>
    @endforeach
    <x-form.field-error name="cleaned"/>
</fieldset>
