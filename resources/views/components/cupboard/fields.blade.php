@props(['key', 'units', 'unit', 'usual'])
<fieldset class="supply__what">
    <legend class="visually-hidden">{{ __('places/cupboard.write') }}</legend>
    @foreach (['bought', 'left', 'gone'] as $what)
        <label class="check-row"><input type="radio" name="what" value="{{ $what }}" @checked($loop->first)>
            <span>{{ __("places/cupboard.what.$what") }}</span></label>
    @endforeach
</fieldset>
<div class="supply__fields">
    <div class="field"><label class="form-label" for="a-{{ $key }}">{{ __('places/cupboard.amount') }}</label>
        <input class="form-control" id="a-{{ $key }}" name="amount" inputmode="decimal" required value="{{ $usual + 0 }}"></div>
    <div class="field"><label class="form-label" for="u-{{ $key }}">{{ __('places/cupboard.unit') }}</label>
        <select class="form-select" id="u-{{ $key }}" name="unit">@foreach ($units as $id => $name)
            <option value="{{ $id }}" @selected($id === $unit)>{{ $name }}</option>@endforeach</select></div>
    <div class="field"><label class="form-label" for="c-{{ $key }}">{{ __('places/cupboard.count') }}</label>
        <input class="form-control" id="c-{{ $key }}" name="count" inputmode="numeric" value="1"></div>
    <div class="field"><label class="form-label" for="p-{{ $key }}">{{ __('places/cupboard.price') }}</label>
        <input class="form-control" id="p-{{ $key }}" name="price" inputmode="decimal"></div>
    <div class="field"><label class="form-label" for="s-{{ $key }}">{{ __('places/cupboard.shop') }}</label>
        <input class="form-control" id="s-{{ $key }}" name="shop" maxlength="80"></div>
    <div class="field"><label class="form-label" for="o-{{ $key }}">{{ __('places/cupboard.on') }}</label>
        <input class="form-control" id="o-{{ $key }}" name="on" type="date"></div>
</div>
<p class="hint">{{ __('places/cupboard.optional') }}</p>
<p class="mb-0"><button class="push">{{ __('places/cupboard.save') }}</button></p>
