@props(['key', 'units', 'unit', 'usual', 'typed' => false, 'scale' => null, 'amount' => 0, 'per' => 1])
<fieldset class="supply__what">
    <legend class="visually-hidden">{{ __('places/cupboard.write') }}</legend>
    @foreach (['bought', 'left', 'gone'] as $what)
        <label class="check-row"><input type="radio" name="what" value="{{ $what }}"
            @checked($typed ? old('what') === $what : $loop->first)> <span>{{ __("places/cupboard.what.$what") }}</span></label>
    @endforeach
</fieldset>
@if ($scale)
    <div class="field supply__level" hidden data-level>
        <label class="form-label" for="level-{{ $key }}">{{ __('places/cupboard.level_drag') }}</label>
        <input class="form-range" type="range" id="level-{{ $key }}" min="0" max="{{ $scale }}" step="{{ $scale / 100 }}"
            value="{{ $amount }}" data-unit="{{ $unit }}" data-per="{{ $per }}" aria-describedby="level-hint-{{ $key }}">
        <p class="hint" id="level-hint-{{ $key }}">{{ __('places/cupboard.level_hint') }}</p>
    </div>
@endif
<div class="supply__fields">
    <x-cupboard.field :key="$key" name="amount" :value="$usual + 0" mode="decimal" :typed="$typed" :required="true"/>
    <div class="field"><label class="form-label" for="u-{{ $key }}">{{ __('places/cupboard.unit') }}</label>
        <select class="form-select" id="u-{{ $key }}" name="unit">@foreach ($units as $id => $title)
            <option value="{{ $id }}" @selected($id === ($typed ? old('unit') : $unit))>{{ $title }}</option>@endforeach</select></div>
    @foreach (['count' => [1, 'numeric'], 'price' => ['', 'decimal'], 'shop' => ['', 'text'], 'on' => ['', 'date']]
        as $name => [$value, $mode])
        <x-cupboard.field :key="$key" :name="$name" :value="$value" :mode="$mode" :typed="$typed"/>
    @endforeach
    <div class="field"><label class="form-label" for="photo-{{ $key }}">{{ __('places/cupboard.photo') }}</label>
        <input class="form-control" type="file" id="photo-{{ $key }}" name="photo" accept="image/jpeg,image/png,image/webp">
        <x-form.field-error name="photo" :here="(bool) $typed"/></div>
</div>
<p class="hint">{{ __('places/cupboard.optional') }}</p>
<p class="mb-0"><button class="push">{{ __('places/cupboard.save') }}</button></p>
