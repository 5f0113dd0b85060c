@props(['of', 'person' => auth()->user()])
@if ($person && ! in_array($of, $person->hints ?? [], true))
    <aside class="hint-box no-print" aria-label="{{ __('places/help.title') }}">
        <p>{{ __("places/help.about.$of.hint") }} <a href="{{ route('help') }}#{{ $of }}">{{ __('places/help.link') }}</a></p>
        <form method="post" action="{{ route('hints.away', $of) }}">@csrf<button class="push">{{ __('places/help.got_it') }}</button></form>
    </aside>
@endif
