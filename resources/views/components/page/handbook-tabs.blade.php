@props(['on'])
<nav class="tabs" aria-label="Handbook">
    @foreach (['handbook' => 'How to', 'handbook.keep-apart' => 'Keep apart', 'handbook.symptoms' => 'Symptoms', 'handbook.schools'
        => 'Where they differ'] as $to => $name)
        <a class="chip" href="{{ route($to) }}" @if ($on === $to) aria-current="page" @endif>{{ $name }}</a>
    @endforeach
</nav>
