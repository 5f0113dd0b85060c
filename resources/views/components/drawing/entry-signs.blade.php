{{-- A sign for each kind of entry, drawn once. --}}
<svg class="symbols" aria-hidden="true" focusable="false">
    @foreach (App\View\Entries\EntryPresenters::signs() as $kind => $sign)<symbol id="sign-{{ $kind }}"
        viewBox="0 0 30 30">{!! $sign !!}</symbol>
    @endforeach
</svg>
