@props(['machine'])
{{-- Back to the machine and to everything that is measured on it. --}}
<p class="mb-1 with-gap"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a>
    <a href="{{ route('measures', $machine) }}">{{ __('measures.all') }}</a></p>
