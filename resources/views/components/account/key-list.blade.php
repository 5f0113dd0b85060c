@props(['shortcuts'])
{{-- The keys of a round and what each does, for the person who looks. --}}
<dl {{ $attributes }}>
    <dt>{{ __('places/shortcuts.dialog.space') }}</dt><dd>{{ __('places/shortcuts.dialog.done') }}</dd>
    <dt>1 … 5</dt><dd>{{ __('places/shortcuts.dialog.pick') }}</dd>
    <dt>←</dt><dd>{{ __('places/shortcuts.dialog.back') }}</dd>
    @foreach ($shortcuts->keys as $what => $key)<dt>{{ mb_strtoupper($key) }}</dt><dd>{{
        __("places/shortcuts.dialog.$what") }}</dd>@endforeach
</dl>
