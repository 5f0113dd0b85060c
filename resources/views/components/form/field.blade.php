<div class="field">
    <label class="form-label" for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>@endif
    <input class="form-control" id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        value="{{ $typed }}"
        @if ($errors->has($key)) aria-invalid="true" @endif
        @if ($by = $describedBy($errors->has($key))) aria-describedby="{{ $by }}" @endif
        {{ $attributes }}>
    <x-form.field-error :name="$key" :at="$id.'-wrong'" :label="$label"/>
</div>
