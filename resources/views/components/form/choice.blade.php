<fieldset>
    <legend>{{ $legend }}</legend>
    @if ($hint)<p class="hint">{{ $hint }}</p>@endif
    <div class="picks">
        @foreach ($options as $option)
            <div @class(['pick', 'pick--drawn' => isset($drawing)])>
                <input type="radio" id="{{ $id($option) }}" name="{{ $name }}" value="{{ $option->id }}" @checked($picked === $option->id)
                    @required(! $unknown)>
                <label for="{{ $id($option) }}">
                    @isset($drawing)<x-form.option-drawing :name="$option->id === '' ? 'unknown' : $drawing.'-'.$option->id"/>@endisset
                    <span>{{ $option->name }}</span>
                    @if ($option->note)<small>{{ $option->note }}</small>@endif
                </label>
            </div>
        @endforeach
    </div>
    <x-form.field-error :name="$key"/>
</fieldset>
