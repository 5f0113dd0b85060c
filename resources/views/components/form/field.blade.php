<div class="field">
    <label class="form-label" for="{{ $id }}">{{ $label }}</label>
    @if ($hint)<p class="hint" id="{{ $id }}-hint">{{ $hint }}</p>@endif
    <input class="form-control" id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        value="{{ $typed }}"
        @invalid($key, $hint ? "$id-hint" : null)
        {{ $attributes }}>
    <x-form.field-error :name="$key" :label="$label"/>
</div>
