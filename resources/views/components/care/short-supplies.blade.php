@props(['lines'])
{{-- What is missing for the jobs of the next days; nothing where all is there. --}}
@if ($lines)
    <section class="tile">
        <h2>{{ __('places/cupboard.today.title') }}</h2>
        <ul class="clean-list rows">@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>
        <p class="mb-0 mt-2"><a href="{{ route('shopping') }}">{{ __('places/cupboard.list.title') }}</a></p>
    </section>
@endif
