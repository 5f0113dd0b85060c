<form class="tile" method="post" action="{{ route('account.shortcuts') }}" id="keys">
    @csrf
    @method('put')
    <h2>{{ __('places/shortcuts.head') }}</h2>
    <label class="with-gap"><input type="checkbox" name="on" value="1" @checked(old('keys') === null ? $shortcuts->on : old('on'))
        aria-describedby="keys-off">{{ __('places/shortcuts.on') }}</label>
    <p class="hint" id="keys-off">{{ __('places/shortcuts.off_hint') }}</p>
    <p>{{ __('places/shortcuts.line') }}</p>
    <div class="own-keys">
        @foreach ($shortcuts->keys as $what => $key)
            <x-form.field name="keys[{{ $what }}]" :label="__('places/shortcuts.for.'.$what)" :value="mb_strtoupper($key)" maxlength="1"
                autocomplete="off" autocapitalize="off" required/>
        @endforeach
    </div>
    <p class="mt-3 mb-0"><button class="push">{{ __('places/shortcuts.save') }}</button></p>
</form>
