@foreach ($open as $each)<a class="push" href="{{ $url($each) }}" @if ($each->id === $current) aria-current="true"
    @endif>{{ $each->name }}</a>@endforeach
@if ($folded)
    <details class="filters__more"><summary class="push">{{
        __('views/components/page/machine-nav.more', ['folded' => count($folded)]) }}</summary><div class="filters mb-0">
        @foreach ($folded as $each)<a class="push" href="{{ $url($each) }}">{{ $each->name }}</a>@endforeach</div></details>
@endif
