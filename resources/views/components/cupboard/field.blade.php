@props(['key', 'name', 'value' => '', 'mode' => 'text', 'typed' => false, 'list' => null, 'unit' => null, 'required' => false])
<div class="field"><label class="form-label" for="{{ $name }}-{{ $key }}">{{ __("places/cupboard.$name") }}@if ($unit
    && ($name === 'beside_amount' || $name === 'amount')) ({{ __("units.portions.$unit") }})@endif</label>
    <input class="form-control" id="{{ $name }}-{{ $key }}" name="{{ $name }}" value="{{ $typed ? old($name) : $value }}"
        @if ($mode === 'date') type="date" @else inputmode="{{ $mode }}" maxlength="80" @endif
        @if ($list && $name === 'place') list="{{ $list }}" @endif @if ($required) required @endif
        @if ($typed && $errors->has($name)) aria-invalid="true" aria-describedby="{{ $name }}-{{ $key }}-wrong" @endif>
    <x-form.field-error :name="$name" :at="$name.'-'.$key.'-wrong'" :here="(bool) $typed"/>
</div>
