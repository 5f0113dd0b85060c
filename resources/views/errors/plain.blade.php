<x-page.guest :title="$message">
    <div class="tile narrow">
        <p class="brand"><x-page.mark/>Good Rinse</p>
        <h1>{{ $message }}</h1>
        @if ($advice !== '')<p>{{ $advice }}</p>@endif
        <p class="mb-0"><a class="push" href="/">To Today</a></p>
    </div>
</x-page.guest>
