@props(['notices', 'household', 'today'])
@use('App\View\Words\Dates')
@foreach ($notices as $notice)
    <section @class(['tile', 'notice', 'tile--hazard' => $notice->met])>
        <h2>{{ $notice->met ? 'Danger in the '.$notice->name : 'Keep apart: '.$notice->name }}</h2>
        @foreach ($notice->met as $meeting)<p>{{ app(App\View\Words\MeetingWords::class)->describe($meeting) }}
            <a href="{{ route('vessels.happened', [$notice->machine, $notice->vessel->id]) }}">What to do now</a></p>@endforeach
        <p class="small">{{ Str::ucfirst(implode(' and ', $notice->holds)) }} since {{ $notice->since
            ? Dates::day(GoodRinse\Core\Quantity\Day::at($notice->since, $household->zone()), $today).', '.Dates::time($notice->since,
            $household->zone()) : 'an unknown day' }}. {{ $notice->met ? 'Nothing more goes in until it is cleared.'
            : 'Until it is cleared keep out: '.implode(', ', $notice->out).'.' }}</p>
        <p class="small muted">{{ $notice->vessel->remedy }}</p>
        <form method="post" action="{{ route('vessels.clear', [$notice->machine, $notice->vessel->id]) }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <button class="push push--wide">{{ $notice->vessel->done }}</button>
        </form>
    </section>
@endforeach
