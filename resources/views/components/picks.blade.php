@props(['name', 'legend', 'options', 'value' => null, 'hint' => null, 'drawing' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<fieldset>
    <legend>{{ $legend }}</legend>
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <div class="picks">
        @foreach ($options as $option)
            @php($id = 'p-'.str_replace('.', '-', $key).'-'.$option->id)
            <div @class(['pick', 'pick--drawn' => isset($drawing)])>
                <input type="radio" id="{{ $id }}" name="{{ $name }}" value="{{ $option->id }}" @checked(old($key, $value) === $option->id) required>
                <label for="{{ $id }}">
                    @isset($drawing)<x-option-drawing :name="$drawing.'-'.$option->id"/>@endisset
                    <span>{{ $option->name }}</span>
                    @if ($option->note)<small>{{ $option->note }}</small>@endif
                </label>
            </div>
        @endforeach
    </div>
    @error($key)<p class="wrong">{{ $message }}</p>@enderror
</fieldset>
