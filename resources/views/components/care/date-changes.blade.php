@props(['moved', 'today', 'machines' => false])
@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@php
    $day = fn ($rhythm) => $rhythm === null ? 'on no clock' : ($rhythm->dueOn === null ? 'no date' : ($today->isAfter($rhythm->dueOn) ? 'due since ' : '').Dates::day($rhythm->dueOn, $today));
    $start = fn ($start) => $start->base === null ? 'no clock' : Uses::counted($start->count, $start->unit);
@endphp
@if ($moved)
    <div class="scrolls" tabindex="0" role="region" aria-label="Dates before and after">
    <table class="plain plain--stacks">
        <thead><tr>@if ($machines)<th scope="col">Machine</th>@endif<th scope="col">Job</th><th scope="col">Starts from</th>
            <th scope="col">Now</th><th scope="col">Then</th><th scope="col">Moves</th></tr></thead>
        <tbody>
            @foreach ($moved as $date)
                <tr @class(['is-moved' => $date->moves()])>
                    @if ($machines)<td>{{ $date->machine->name }}</td>@endif
                    <th scope="row">{{ $date->name }}</th>
                    <td data-label="Starts from">{{ $date->startBefore == $date->startAfter ? $start($date->startAfter)
                        : $start($date->startBefore).' → '.$start($date->startAfter) }}</td>
                    <td data-label="Now">{{ $day($date->before) }}</td>
                    <td data-label="Then">{{ $day($date->after) }}</td>
                    <td data-label="Moves">{{ $date->days() === null ? ($date->moves() ? 'new' : '') : ($date->days() === 0 ? 'stays'
                        : Uses::counted(abs($date->days()), 'days').($date->days() > 0 ? ' later' : ' earlier')) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
@else
    <p class="mb-0">Every date stays where it is.</p>
@endif
