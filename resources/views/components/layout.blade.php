@props(['title', 'place' => null, 'inRound' => false, 'person' => auth()->user()])
<!doctype html>
<html lang="{{ app()->getLocale() }}" @if ($person && $person->appearance !== 'auto') data-theme="{{ $person->appearance }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @if ($person)<meta name="person" content="{{ $person->id }}">@endif
    <x-page.title :title="$title"/>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/icons/192.png">
    <link rel="manifest" href="/app.webmanifest">
    <meta name="theme-color" media="(prefers-color-scheme: light)" content="#f5f2ea">
    <meta name="theme-color" media="(prefers-color-scheme: dark)" content="#0d2027">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body @class(['in-round' => $inRound])>
<svg class="symbols" aria-hidden="true" focusable="false"><clipPath id="glass-in"><path d="M8 5 L12.5 54 H35.5 L40 5Z"/></clipPath></svg>
<a class="skip" href="#main">{{ __('places/shell.skip') }}</a>
<div class="shell">
    <header class="top">
        <a class="brand" href="{{ route('today') }}"><x-page.mark/>{{ __('views/components/layout.good_rinse_2') }}</a>
        @if ($person?->household_id)
            <nav class="places-bar" aria-label="{{ __('places/shell.places') }}">
                <ul class="places">
                    @foreach (['today', 'kitchen', 'rhythm', 'logbook', 'handbook', 'household'] as $to)
                        <li><a href="{{ route($to) }}" @if ($place === $to) aria-current="page" @endif><x-page.place-icon
                            :name="$to"/>{{ __("places/shell.$to") }}</a></li>
                    @endforeach
                </ul>
            </nav>
            @unless ($inRound)<a class="top__wrong" href="{{ route('trace') }}">{{ __('machines.go.wrong') }}</a>@endunless
            @isset($when)<div class="top__end">{{ $when }}</div>@endisset
        @endif
    </header>
    <main id="main" tabindex="-1">
        <x-page.messages/>
        {{ $slot }}
    </main>
    @if ($person?->household_id && ! $inRound)<footer class="foot no-print"><a href="{{ route('help') }}">{{
        __('places/help.link') }}</a></footer>@endif
</div>
@if ($person)<x-page.words of="shell"/>@endif
</body>
</html>
