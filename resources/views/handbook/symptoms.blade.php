<x-layout :title="__('views/handbook/symptoms.symptoms')" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>{{ __('views/handbook/symptoms.what_do_you_notice') }}</h1>
            <x-page.handbook-tabs on="handbook.symptoms"/>
        </div>
        <x-page.scope-switch to="handbook.symptoms" :all="$all"/>
        @if ($taught)
            <section class="tile" aria-labelledby="taught">
                <h2 id="taught">{{ __('views/handbook/symptoms.what_your_machines_have_taught') }}</h2>
                <table class="plain">
                    <thead><tr><th scope="col">{{ __('views/handbook/symptoms.noticed') }}</th><th scope="col">{{
                        __('views/handbook/symptoms.what_it_was') }}</th><th scope="col">{{
                            __('views/handbook/symptoms.what_helped') }}</th>
                        <th scope="col">{{ __('views/handbook/symptoms.since_then') }}</th></tr></thead>
                    <tbody>@foreach ($taught as $line)<tr>
                        <td><a href="{{ route('traces.show', $line['trace']) }}">{{ $line['noticed'] }}</a><br><small
                            class="muted">{{ $line['machine'] }}</small></td>
                        <td>{{ $line['cause'] ?? __('views/handbook/symptoms.not_known') }}</td>
                        <td>{{ $line['fix'] ?? __('views/handbook/symptoms.somebody_was_called') }}</td>
                        <td>{{ $line['days'] < 1
                            ? __('views/handbook/symptoms.just_now')
                                : App\View\Words\Uses::counted($line['days'], 'days') }}</td></tr>@endforeach
                    </tbody>
                </table>
            </section>
        @endif
        @foreach ($groups as $group)
            <section class="tile" id="{{ $group['id'] }}">
                <h2>{{ $group['name'] }}</h2>
                <p class="muted small">{{ __('views/handbook/symptoms.under_each_what_most_often_is') }}</p>
                <div class="symptoms">
                    @foreach ($group['symptoms'] as $symptom)
                        <section>
                            <h3>{{ $symptom['name'] }}</h3>
                            @if ($symptom['now'])<p class="hazard mb-1">{{ $symptom['now'] }}</p>@endif
                            @if ($last = $fixed[$group['id']][$symptom['id']] ?? null)<p class="mb-1">
                                <strong>{{ __('views/handbook/symptoms.here') }}</strong>
                                <a href="{{ route('traces.show', $last['trace']) }}">{{ mb_strtolower($last['action']) }}</a>,
                                {{ $last['times'] === 1
                                    ? __('views/handbook/symptoms.the_last_time')
                                        : $last['times'].' '.__('views/handbook/symptoms.times_running') }}; {{ $last['days'] < 1
                                ? __('views/handbook/symptoms.just_now')
                                    : __('views/handbook/symptoms.it_held').' '.App\View\Words\Uses::counted($last['days'], 'days')
                                        }}.</p>@endif
                            <ol>
                                @foreach ($symptom['causes'] as $cause)
                                    <li>{{ $cause['name'] }}@if ($cause['action']):
                                        <span class="muted">@if ($cause['action']->procedure)<a
                                        href="{{ route('handbook.procedure',
                                            array_filter([$group['kind'], $cause['action']->procedure, 'machine'
                                            => $group['machine']])) }}">{{ mb_strtolower($cause['action']->name) }}</a>
                                    @else{{ mb_strtolower($cause['action']->name) }}@endif</span>@endif</li>
                                @endforeach
                            </ol>
                        </section>
                    @endforeach
                </div>
                <details class="mt-3"><summary>{{
                    __('views/handbook/symptoms.where_this_order_comes_from') }}</summary><p
                        class="muted">{{ $group['basis'] }}</p></details>
            </section>
        @endforeach
    </div>
</x-layout>
