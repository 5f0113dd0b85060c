<x-layout :title="__('views/traces/sheet.call_sheet', ['machine' => $machine->name])" place="kitchen">
    <section class="tile record">
        <p class="with-gap no-print"><a class="push push--main" href="{{ route('traces.sheet.pdf', $trace) }}">{{
            __('views/traces/sheet.keep_as_pdf') }}</a><a
            class="push" href="{{ route('traces.show', $trace) }}">{{ __('views/traces/sheet.back') }}</a></p>
        <p class="muted mb-0">{{ __('views/traces/sheet.call_sheet_2', ['name' => $household->name]) }}</p>
        <h1>{{ $machine->name }}: {{ mb_strtolower($names[0]) }}</h1>
        <x-trace.call-sheet :trace="$trace" :names="$names" :told="$told" :steps="$steps" :suspects="$suspects" :machine="$machine"
            :household="$household" :lately="$lately" :ruled-out="$ruledOut"/>
        @if ($photo)<p class="photos"><img src="{{ route('photos.show', $photo) }}" alt="{{
            __('views/traces/sheet.picture_of_what_was_noticed') }}"></p>@endif
    </section>
</x-layout>
