@props(['name', 'legend', 'options', 'value' => null, 'hint' => null, 'drawing' => null, 'unknown' => null])
{{-- One answer of several; with `unknown` nobody has to know, and that is where it stands. --}}
@php
    $key = str_replace(['[', ']'], ['.', ''], $name);
    $picked = old($key, $value);
@endphp
<fieldset>
    <legend>{{ $legend }}</legend>
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <div class="picks">
        @foreach ($options as $option)
            @php($id = 'p-'.str_replace('.', '-', $key).'-'.$option->id)
            <div @class(['pick', 'pick--drawn' => isset($drawing)])>
                <input type="radio" id="{{ $id }}" name="{{ $name }}" value="{{ $option->id }}" @checked($picked === $option->id) @required($unknown === null)>
                <label for="{{ $id }}">
                    @isset($drawing)<x-option-drawing :name="$drawing.'-'.$option->id"/>@endisset
                    <span>{{ $option->name }}</span>
                    @if ($option->note)<small>{{ $option->note }}</small>@endif
                </label>
            </div>
        @endforeach
        @if ($unknown !== null)
            @php($id = 'p-'.str_replace('.', '-', $key).'-unknown')
            <div @class(['pick', 'pick--drawn' => isset($drawing)])>
                <input type="radio" id="{{ $id }}" name="{{ $name }}" value="" @checked($picked === null || $picked === '')>
                <label for="{{ $id }}">
                    @isset($drawing)<x-option-drawing name="unknown"/>@endisset
                    <span>Don't know</span>
                    @if ($unknown)<small>{{ $unknown }}</small>@endif
                </label>
            </div>
        @endif
    </div>
    @error($key)<p class="wrong">{{ $message }}</p>@enderror
</fieldset>
