<x-layout :title="'Service record, '.$machine->name" place="logbook">
    <section class="tile record">
        <p class="with-gap no-print"><a class="push push--main" href="{{ route('rounds.record.pdf', $round) }}">Keep as PDF</a><a
            class="push" href="{{ $round->ended_at ? route('rounds.show', $round) : route('today') }}">Back</a></p>
        <p class="muted mb-0">Service record · {{ $household->name }}</p>
        <h1>{{ $machine->name }}, {{ $data->day() }}</h1>
        <p class="step__say">{{ $procedure->name }}, {{ $data->span() }}. {{ $data->kindAndPlace() }}.</p>
        @if ($round->leftOpen())<p class="hazard"><strong>{{ $round->settled_at ? 'Was left open, put right since'
            : 'Left open' }}:</strong> {{ App\Care\Words\OpenEndWords::list($round, $round->leftOpen()) }}.</p>@endif
        <x-round.record-body :opened="$opened" :took="$took" :agents="$agents" :fitted="$fitted" :findings="$findings" :grease="$grease"
            :steps="$steps" :household="$household"/>
        @if ($photos)
            <h2>Pictures</h2>
            <div class="photos">@foreach ($photos as [$photo, $moment])<figure><img src="{{ route('photos.show', $photo) }}"
                alt="Picture from this round, {{ $moment }}"><figcaption class="muted small">{{ $moment }}</figcaption></figure>@endforeach
                </div>
        @endif
    </section>
</x-layout>
