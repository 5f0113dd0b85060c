@props(['opened', 'took', 'agents', 'fitted', 'findings', 'grease', 'steps', 'household'])
@use('App\View\Words\Dates')
@if ($opened)
    <h2>{{ __('views/components/round/record-body.next_due') }}</h2>
    <table class="record__table">@foreach ($opened as $each)<tr><th>{{ $each->line->care->name() }}</th><td>
        {{ $each->line->care->rhythm()->dueOn
            ? Dates::day($each->line->care->rhythm()->dueOn)
                : __('views/components/round/record-body.when_it_is_wanted') }}</td></tr>@endforeach
        </table>
@endif
@if ($findings)<h2>{{
    __('views/components/round/record-body.found_and_noticed') }}</h2><ul>@foreach ($findings as $finding)<li>{{ $finding
        }}</li>@endforeach @if ($grease !== null)<li>
    <strong>{{ __('views/components/round/record-body.grease_washed_out_g', ['grease' => App\View\Words\Uses::number($grease)])
        }}</strong></li>@endif</ul>@endif
@if ($agents)<h2>{{ __('views/components/round/record-body.agents') }}</h2><ul>@foreach ($agents as $agent)<li>{{ $agent
    }}</li>@endforeach</ul>@endif
@if ($fitted || $took)<h2>{{ __('views/components/round/record-body.parts') }}</h2><ul>@if ($took)<li>{{
    __('views/components/round/record-body.taken_off_in_this_order', ['took' => implode(', ', array_map('mb_strtolower', $took))]) }}</li>
    @endif @foreach ($fitted as $part)<li>{{ $part }}</li>@endforeach</ul>@endif
<h2>{{ __('views/components/round/record-body.steps') }}</h2>
<table class="record__table record__steps">@foreach (array_chunk($steps, 2) as $pair)<tr>@foreach ($pair as [$short, $became])<th>
    {{ $short }}</th><td>{{ $became }}</td>@endforeach @if (count($pair) === 1)<th></th><td></td>@endif</tr>@endforeach</table>
