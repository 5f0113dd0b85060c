@props(['title'])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <x-page.title :title="$title"/>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
<svg class="symbols" aria-hidden="true" focusable="false"><clipPath id="glass-in"><path d="M8 5 L12.5 54 H35.5 L40 5Z"/></clipPath></svg>
<div class="threshold"><main id="main"><x-page.error-summary/>{{ $slot }}</main></div>
</body>
</html>
