@props(['key', 'units', 'unit', 'usual', 'typed' => false])
<fieldset class="supply__what">
    <legend class="visually-hidden">{{ __('places/cupboard.write') }}</legend>
    @foreach (['bought', 'left', 'gone'] as $what)
        <label class="check-row"><input type="radio" name="what" value="{{ $what }}"
            @checked($typed ? old('what') === $what : $loop->first)> <span>{{ __("places/cupboard.what.$what") }}</span></label>
    @endforeach
</fieldset>
<div class="supply__fields">
    @foreach (['amount' => [$usual + 0, 'decimal'], 'count' => [1, 'numeric'], 'price' => ['', 'decimal'], 'shop' => ['', 'text'],
        'on' => ['', 'none']] as $name => [$value, $mode])
        <div class="field"><label class="form-label" for="{{ $name }}-{{ $key }}">{{ __("places/cupboard.$name") }}</label>
            <input class="form-control" id="{{ $name }}-{{ $key }}" name="{{ $name }}" value="{{ $typed ? old($name) : $value }}"
                @if ($mode === 'none') type="date" @else inputmode="{{ $mode }}" maxlength="80" @endif
                @if ($name === 'amount') required @endif
                @if ($typed && $errors->has($name)) aria-invalid="true" aria-describedby="{{ $name }}-{{ $key }}-wrong" @endif>
            @if ($typed && $errors->has($name))<p class="wrong" id="{{ $name }}-{{ $key }}-wrong">{{ $errors->first($name) }}</p>@endif
        </div>
        @if ($name === 'amount')
            <div class="field"><label class="form-label" for="u-{{ $key }}">{{ __('places/cupboard.unit') }}</label>
                <select class="form-select" id="u-{{ $key }}" name="unit">@foreach ($units as $id => $title)
                    <option value="{{ $id }}"
                        @selected($id === ($typed ? old('unit') : $unit))>{{ $title }}</option>@endforeach</select></div>
        @endif
    @endforeach
</div>
<p class="hint">{{ __('places/cupboard.optional') }}</p>
<p class="mb-0"><button class="push">{{ __('places/cupboard.save') }}</button></p>
