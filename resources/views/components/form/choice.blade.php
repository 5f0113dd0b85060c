@props(['name', 'legend', 'options', 'value' => null, 'hint' => null, 'drawing' => null, 'unknown' => false])
{{-- One answer of several; with `unknown` nobody has to know, and that is where it stands. --}}
@php
    $key = str_replace(['[', ']'], ['.', ''], $name);
    $picked = old($key, $value);
    $all = $unknown ? [...$options, new GoodRinse\Core\Handbook\Machine\Option('', 'Don\'t know', null)] : $options;
@endphp
<fieldset>
    <legend>{{ $legend }}</legend>
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <div class="picks">
        @foreach ($all as $option)
            @php($id = 'p-'.str_replace('.', '-', $key).'-'.($option->id ?: 'unknown'))
            <div @class(['pick', 'pick--drawn' => isset($drawing)])>
                <input type="radio" id="{{ $id }}" name="{{ $name }}" value="{{ $option->id }}" @checked(($picked ?? '') === $option->id)
                    @required(! $unknown)>
                <label for="{{ $id }}">
                    @isset($drawing)<x-form.option-drawing :name="$option->id === '' ? 'unknown' : $drawing.'-'.$option->id"/>@endisset
                    <span>{{ $option->name }}</span>
                    @if ($option->note)<small>{{ $option->note }}</small>@endif
                </label>
            </div>
        @endforeach
    </div>
    @error($key)<p class="wrong">{{ $message }}</p>@enderror
</fieldset>
