@props(['notices', 'household', 'today'])
@use('App\View\Words\Dates')
@foreach ($notices as $notice)
    <section @class(['tile', 'notice', 'tile--hazard' => $notice->met])>
        <h2>{{ $notice->met ? __('views/components/vessel/notices.danger_in_the').' '.$notice->name
            : __('views/components/vessel/notices.keep_apart').' '.$notice->name }}</h2>
        @foreach ($notice->met as $meeting)<p>{{ app(App\View\Words\MeetingWords::class)->describe($meeting) }}
            <a href="{{ route('vessels.happened', [$notice->machine, $notice->vessel->id]) }}">{{
                __('views/components/vessel/notices.what_to_do_now') }}</a></p>@endforeach
        <p class="small">{{ __('views/components/vessel/notices.since', ['holds' => Str::ucfirst(implode(__('units.and'), $notice->holds)),
            'what' => $notice->since
            ? Dates::day(GoodRinse\Core\Quantity\Day::at($notice->since, $household->zone()), $today).', '.Dates::time($notice->since,
            $household->zone()) : __('views/components/vessel/notices.an_unknown_day'),
                'out' => $notice->met ? __('views/components/vessel/notices.nothing_more_goes_in_until_it')
            : __('views/components/vessel/notices.until_it_is_cleared_keep_out').' '.implode(', ', $notice->out).'.']) }}</p>
        <p class="small muted">{{ $notice->vessel->remedy }}</p>
        <form method="post" action="{{ route('vessels.clear', [$notice->machine, $notice->vessel->id]) }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <button class="push push--wide">{{ $notice->vessel->done }}</button>
        </form>
    </section>
@endforeach
