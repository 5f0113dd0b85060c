@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<p class="muted small">{{ $data->lastHeard() }} {{ trans_choice('devices.events', $count, ['count' => $count]) }}
@if ($device->clock_ahead !== 0) <strong>Its clock is {{ Uses::minutes(abs($device->clock_ahead) / 60) }} {{ $device->clock_ahead > 0
    ? 'ahead' : 'behind' }}; its times are set right by that.</strong>@endif</p>
@if ($events->isNotEmpty())
    <table class="plain">
        <thead><tr><th scope="col">When</th><th scope="col">Shows</th><th scope="col">What became of it</th></tr></thead>
        <tbody>
            @foreach ($events as $event)
                <tr>
                    <td>{{ $data->moment($event->at) }}</td>
                    <td>{{ $event->light ? "$event->light light ".($event->lit ? 'on' : 'off')
                        : Uses::counted($event->total, $kind->useUnit) }}</td>
                    <td>{{ __("devices.status.$event->status") }}{{ $event->at->diffInMinutes($event->received_at) > 60 ? ', came in late'
                        : '' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
