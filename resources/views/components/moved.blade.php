@props(['moved', 'today', 'machines' => false])
@php
    use App\View\Words\Dates;
    use App\View\Words\Uses;
    $day = fn ($rhythm) => $rhythm === null ? 'on no clock' : ($rhythm->dueOn === null ? 'no date' : Dates::day($rhythm->dueOn, $today));
@endphp
@if ($moved)
    <div class="scrolls" tabindex="0" role="region" aria-label="Dates before and after">
    <table class="plain">
        <thead><tr>@if ($machines)<th scope="col">Machine</th>@endif<th scope="col">Job</th><th scope="col">Starts from</th><th scope="col">Now</th><th scope="col">Then</th><th scope="col">Moves</th></tr></thead>
        <tbody>
            @foreach ($moved as $date)
                <tr @class(['is-moved' => $date->moves()])>
                    @if ($machines)<td>{{ $date->machine->name }}</td>@endif
                    <th scope="row">{{ $date->name }}</th>
                    <td>{{ $date->startBefore == $date->startAfter ? Uses::counted($date->startAfter->count, $date->startAfter->unit) : Uses::counted($date->startBefore->count, $date->startBefore->unit).' → '.Uses::counted($date->startAfter->count, $date->startAfter->unit) }}</td>
                    <td>{{ $day($date->before) }}</td>
                    <td>{{ $day($date->after) }}</td>
                    <td>{{ $date->days() === null ? ($date->moves() ? 'new' : '') : ($date->days() === 0 ? 'stays' : Uses::counted(abs($date->days()), 'days').($date->days() > 0 ? ' later' : ' earlier')) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
@else
    <p class="mb-0">Every date stays where it is.</p>
@endif
