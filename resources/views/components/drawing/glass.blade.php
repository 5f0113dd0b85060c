@props(['wear' => 0.0, 'size' => 56, 'unknown' => false])
{{-- The cloudy glass: silt at the copper tick means it is time. Words always stand beside it. --}}
{!! (new App\View\Drawing\CloudyGlass($wear))->svg($size, $unknown) !!}
