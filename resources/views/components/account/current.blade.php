@props(['id', 'wrong' => session('errors')?->has('current_password') && old('for') === $id])
<div class="field">
    <input type="hidden" name="for" value="{{ $id }}">
    <label class="form-label" for="f-{{ $id }}">{{ __('account.current') }}</label>
    <p class="hint" id="f-{{ $id }}-hint">{{ __('account.current_hint') }}</p>
    <input class="form-control" id="f-{{ $id }}" name="current_password" type="password" autocomplete="current-password"
        aria-describedby="f-{{ $id }}-hint{{ $wrong ? " f-$id-wrong" : '' }}" @if ($wrong) aria-invalid="true" @endif required>
    <x-form.field-error name="current_password" :at="'f-'.$id.'-wrong'" :here="$wrong"/>
</div>
