@props(['shortcuts'])
<dialog class="keys" x-ref="keys" aria-labelledby="keys-head">
    <h2 id="keys-head">{{ __('places/shortcuts.dialog.title') }}</h2>
    @if ($shortcuts->on)
        <x-account.key-list :shortcuts="$shortcuts"/>
    @else
        <p>{{ __('places/shortcuts.dialog.off') }}</p>
    @endif
    <p><a href="{{ route('account') }}#keys">{{ __('places/shortcuts.dialog.change') }}</a></p>
    <form method="dialog"><button class="push push--wide">{{ __('places/shortcuts.dialog.close') }}</button></form>
</dialog>
