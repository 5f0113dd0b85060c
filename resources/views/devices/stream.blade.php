@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<p class="muted small">{{ $data->lastHeard() }} {{ trans_choice('devices.events', $count, ['count' => $count]) }}
@if ($device->clock_ahead !== 0) <strong>{{
    __('views/devices/stream.its_clock_is_its_times_are', ['clock_ahead' => Uses::minutes(abs($device->clock_ahead) / 60),
        'what' => $device->clock_ahead > 0
    ? __('views/devices/stream.ahead') : __('views/devices/stream.behind')]) }}</strong>@endif</p>
@if ($events->isNotEmpty())
    <table class="plain">
        <thead><tr><th scope="col">{{ __('views/devices/stream.when') }}</th><th scope="col">{{
            __('views/devices/stream.shows') }}</th><th scope="col">{{ __('views/devices/stream.what_became_of_it') }}</th></tr></thead>
        <tbody>
            @foreach ($events as $event)
                <tr>
                    <td>{{ $data->moment($event->at) }}</td>
                    <td>{{ $event->light ? "$event->light light ".($event->lit
                        ? __('views/devices/stream.on') : __('views/devices/stream.off'))
                        : Uses::counted($event->total, $kind->useUnit) }}</td>
                    <td>{{ __("devices.status.$event->status") }}{{ $event->at->diffInMinutes($event->received_at) > 60
                        ? ', '.__('views/devices/stream.came_in_late')
                        : '' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
