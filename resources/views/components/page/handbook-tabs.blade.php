@props(['on'])
<nav class="tabs" aria-label="{{ __('views/components/page/handbook-tabs.handbook') }}">
    @foreach (['handbook' => __('views/components/page/handbook-tabs.how_to'), 'handbook.keep-apart' =>
        __('views/components/page/handbook-tabs.keep_apart'), 'handbook.symptoms' => __('views/components/page/handbook-tabs.symptoms'),
            'handbook.schools'
        => __('views/components/page/handbook-tabs.where_they_differ')] as $to => $name)
        <a class="chip" href="{{ route($to) }}" @if ($on === $to) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
