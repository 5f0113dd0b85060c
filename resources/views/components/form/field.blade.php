@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
@php($id = 'f-'.str_replace('.', '-', $key))
@php($typed = old($key, $value))
<div class="field">
    <label class="form-label" for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>@endif
    <input class="form-control" id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        value="{{ $type === 'password' || is_array($typed) ? '' : $typed }}"
        @if ($errors->has($key)) aria-invalid="true" @endif
        @if ($hint || $errors->has($key)) aria-describedby="{{ trim(($hint ? $id.'-hint ' : '').($errors->has($key) ? $id.'-wrong'
            : '')) }}" @endif
        {{ $attributes }}>
    @error($key)<p class="wrong" id="{{ $id }}-wrong">{{ $message }}</p>@enderror
</div>
