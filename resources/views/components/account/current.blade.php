@props(['id'])
<div class="field">
    <input type="hidden" name="for" value="{{ $id }}">
    <label class="form-label" for="f-{{ $id }}">{{ __('account.current') }}</label>
    <p class="hint" id="f-{{ $id }}-hint">{{ __('account.current_hint') }}</p>
    <input class="form-control" id="f-{{ $id }}" name="current_password" type="password" autocomplete="current-password"
        aria-describedby="f-{{ $id }}-hint" required>
    @if ($errors->has('current_password') && old('for') === $id)<p class="wrong">{{ $errors->first('current_password') }}</p>@endif
</div>
