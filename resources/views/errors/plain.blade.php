<x-page.guest :title="$message">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>{{ __('views/errors/plain.good_rinse') }}</p>
        <h1>{{ $message }}</h1>
        @if ($advice !== '')<p>{{ $advice }}</p>@endif
        <p class="mb-0"><a class="push" href="/">{{ __('views/errors/plain.to_today') }}</a></p>
    </div>
</x-page.guest>
