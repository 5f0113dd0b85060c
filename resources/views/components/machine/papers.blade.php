@props(['machine'])
<section class="tile">
    <h2>{{ __('places/retired.papers') }}</h2>
    <p>{{ __('places/retired.papers_line') }}</p>
    <p class="with-gap mb-0"><a class="push" href="{{ route('machines.record', $machine) }}">{{ __('places/retired.record') }}</a>
        <a class="push" download href="{{ route('machines.export', $machine) }}">{{ __('places/retired.file') }}</a></p>
</section>
