@props(['trace', 'trouble', 'reading'])
<form method="post" action="{{ route('traces.told', $trace) }}">
    @csrf
    <h3>{{ __('views/components/trace/told.what_did_they_find') }}</h3>
    <div class="field">
        <label class="form-label" for="f-cause">{{ __('views/components/trace/told.what_was_wrong') }}</label>
        <select class="form-select" id="f-cause" name="cause" @invalid('cause')>
            <option value="">{{ __('views/components/trace/told.not_known_or_something_else') }}</option>
            @foreach ($trouble->causes as $id => $cause)@if (isset($reading->suspects[$id]))<option value="{{ $id }}"
                @selected(old('cause') === $id)>{{ $cause->name }}</option>@endif @endforeach
            @foreach ($trouble->causes as $id => $cause)@if (! isset($reading->suspects[$id]))<option value="{{ $id }}"
                @selected(old('cause') === $id)>{{ $cause->name }}</option>@endif @endforeach
        </select>
        <x-form.field-error name="cause"/>
    </div>
    <x-form.field name="note" :label="__('views/components/trace/told.what_they_said_or_did')" maxlength="500" :value="$trace->note"/>
    <x-form.field name="cost" :label="__('views/components/trace/told.what_it_cost')" type="number" min="0" step="any"
        inputmode="decimal" :value="$trace->cost"/>
    <p class="mt-3 mb-0"><button class="push">{{ __('views/components/trace/told.keep_it') }}</button></p>
</form>
