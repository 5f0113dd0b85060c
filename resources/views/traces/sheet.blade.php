<x-layout title="Call sheet, {{ $machine->name }}" place="kitchen">
    <section class="tile record">
        <p class="with-gap no-print"><a class="push push--main" href="{{ route('traces.sheet.pdf', $trace) }}">Keep as PDF</a><a
            class="push" href="{{ route('traces.show', $trace) }}">Back</a></p>
        <p class="muted mb-0">Call sheet · {{ $household->name }}</p>
        <h1>{{ $machine->name }}: {{ mb_strtolower($names[0]) }}</h1>
        <x-trace.call-sheet :trace="$trace" :names="$names" :told="$told" :steps="$steps" :suspects="$suspects" :machine="$machine"
            :household="$household" :lately="$lately" :ruled-out="$ruledOut"/>
        @if ($photo)<p class="photos"><img src="{{ route('photos.show', $photo) }}" alt="Picture of what was noticed"></p>@endif
    </section>
</x-layout>
