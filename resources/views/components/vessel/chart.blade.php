@props(['by', 'groups', 'columns', 'cell'])
{{-- Groups of agents down, what they may meet across, the verdict as a drawn sign in each cell. --}}
<div class="chart-scroll" tabindex="0" role="region" aria-labelledby="{{ $by }}">
    <table class="apart">
        <thead><tr><td></td>@foreach ($columns as $name)<th scope="col"><span>{{ $name }}</span></th>@endforeach</tr></thead>
        <tbody>
            @foreach ($groups as $group)
                <tr>
                    <th scope="row">{{ $group->sample()->name }}@if ($rest = $group->others())<small>{{
                        __('views/components/vessel/chart.and', ['rest' => implode(', ',
                        $rest)]) }}</small>@endif</th>
                    @foreach (array_map(fn ($key) => $cell($group, $key), array_keys($columns)) as $found)
                        <td class="apart__{{ $found->verdict->value }}" title="{{ $found->reason }}">
                            <x-drawing.verdict :verdict="$found->verdict"/><span
                            class="visually-hidden">{{ __('places/vessels.verdict.'.$found->verdict->value) }}</span></td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
