@if ($moved)
    <div class="scrolls" tabindex="0" role="region" aria-label="{{ __('views/components/care/date-changes.dates_before_and_after') }}">
    <table class="plain plain--stacks">
        <thead><tr>@if ($machines)<th scope="col">{{ __('views/components/care/date-changes.machine') }}</th>@endif<th scope="col">{{
            __('views/components/care/date-changes.job') }}</th><th scope="col">{{
                __('views/components/care/date-changes.starts_from') }}</th>
            <th scope="col">{{ __('views/components/care/date-changes.now') }}</th><th scope="col">{{
                __('views/components/care/date-changes.then') }}</th><th scope="col">{{
                    __('views/components/care/date-changes.moves') }}</th></tr></thead>
        <tbody>
            @foreach ($moved as $date)
                <tr @class(['is-moved' => $date->moves()])>
                    @if ($machines)<td>{{ $date->machine->name }}</td>@endif
                    <th scope="row">{{ $date->name }}</th>
                    <td data-label="Starts from">{{ $starts($date) }}</td>
                    <td data-label="Now">{{ $day($date->before) }}</td>
                    <td data-label="Then">{{ $day($date->after) }}</td>
                    <td data-label="Moves">{{ $moves($date) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
@else
    <p class="mb-0">{{ __('views/components/care/date-changes.every_date_stays_where_it_is') }}</p>
@endif
