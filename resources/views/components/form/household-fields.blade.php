@props(['household', 'zone' => 'UTC'])
<x-form.field name="name" :label="__('views/components/form/household-fields.name')" maxlength="80"
    :value="$household->name ?? mb_substr(auth()->user()->name, 0, 60).'’s kitchen'"
    required/>
<div class="field" x-data="zone">
    <label class="form-label" for="f-timezone">{{ __('views/components/form/household-fields.time_zone') }}</label>
    <select class="form-select" id="f-timezone" name="timezone" x-ref="zone" @if ($household === null && old('timezone') === null)
        data-guess="1" @endif @invalid('timezone')>
        @foreach (timezone_identifiers_list() as $each)
            <option @selected(old('timezone', $household?->timezone ?? $zone) === $each)>{{ $each }}</option>
        @endforeach
    </select>
    <x-form.field-error name="timezone"/>
</div>
<fieldset>
    <legend>{{ __('views/components/form/household-fields.measures') }}</legend>
    <div class="picks">
        @foreach (['metric' => [__('views/components/form/household-fields.metric'),
            __('views/components/form/household-fields.n_250_ml_40_g')], 'us' =>
                [__('views/components/form/household-fields.cups_and_spoons'),
                    __('views/components/form/household-fields.n_1_cup_2_tbsp')]] as $id => [$name, $note])
            <div class="pick">
                <input type="radio" id="p-measures-{{ $id }}" name="measures" value="{{ $id }}"
                    @checked(old('measures', $household?->measures->value ?? 'metric') === $id) @invalid('measures')>
                <label for="p-measures-{{ $id }}"><span>{{ $name }}</span><small>{{ $note }}</small></label>
            </div>
        @endforeach
    </div>
    <x-form.field-error name="measures"/>
</fieldset>
