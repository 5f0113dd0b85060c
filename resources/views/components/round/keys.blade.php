@props(['shortcuts'])
<dialog class="keys" x-ref="keys" aria-labelledby="keys-head">
    <h2 id="keys-head">{{ __('places/shortcuts.dialog.title') }}</h2>
    @if ($shortcuts->on)
        <dl>
            <dt>{{ __('places/shortcuts.dialog.space') }}</dt><dd>{{ __('places/shortcuts.dialog.done') }}</dd>
            <dt>1 … 5</dt><dd>{{ __('places/shortcuts.dialog.pick') }}</dd>
            <dt>←</dt><dd>{{ __('places/shortcuts.dialog.back') }}</dd>
            @foreach ($shortcuts->keys as $what => $key)<dt>{{ mb_strtoupper($key) }}</dt><dd>{{
                __("places/shortcuts.dialog.$what") }}</dd>@endforeach
        </dl>
    @else
        <p>{{ __('places/shortcuts.dialog.off') }}</p>
    @endif
    <p><a href="{{ route('account') }}#keys">{{ __('places/shortcuts.dialog.change') }}</a></p>
    <form method="dialog"><button class="push push--wide">{{ __('places/shortcuts.dialog.close') }}</button></form>
</dialog>
