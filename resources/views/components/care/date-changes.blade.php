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
    <p class="mb-0">Every date stays where it is.</p>
@endif
