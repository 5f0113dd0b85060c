<x-layout :title="__('views/rounds/record.service_record').' '.$machine->name" place="logbook">
    <section class="tile record">
        <p class="with-gap no-print"><a class="push push--main" href="{{ route('rounds.record.pdf', $round) }}">{{
            __('views/rounds/record.keep_as_pdf') }}</a><a
            class="push" href="{{ $round->ended_at ? route('rounds.show', $round) : route('today') }}">{{
                __('views/rounds/record.back') }}</a></p>
        <p class="muted mb-0">{{ __('views/rounds/record.service_record_2', ['name' => $household->name]) }}</p>
        <h1>{{ $machine->name }}, {{ $data->day() }}</h1>
        <p class="step__say">{{ $procedure->name }}, {{ $data->span() }}. {{ $data->kindAndPlace() }}.</p>
        @if ($round->leftOpen())<p class="hazard"><strong>{{ $round->settled_at ? __('views/rounds/record.was_left_open_put_right_since')
            : __('views/rounds/record.left_open') }}:</strong> {{ App\Care\Words\OpenEndWords::list($round,
                $round->leftOpen()) }}.</p>@endif
        <x-round.record-body :opened="$opened" :took="$took" :agents="$agents" :fitted="$fitted" :findings="$findings" :grease="$grease"
            :steps="$steps" :household="$household"/>
        @if ($photos)
            <h2>{{ __('views/rounds/record.pictures') }}</h2>
            <div class="photos">@foreach ($photos as [$photo, $moment])<figure><img src="{{ route('photos.show', $photo) }}"
                alt="{{ __('views/rounds/record.picture_from_this_round', ['moment' => $moment]) }}"><figcaption
                    class="muted small">{{ $moment }}</figcaption></figure>@endforeach
                </div>
        @endif
    </section>
</x-layout>
