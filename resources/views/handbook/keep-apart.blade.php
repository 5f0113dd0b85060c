<x-layout :title="__('views/handbook/keep-apart.keep_apart')" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>{{ __('views/handbook/keep-apart.what_may_meet_what') }}</h1>
            <x-page.handbook-tabs on="handbook.keep-apart"/>
        </div>
        <x-page.hint of="keep-apart"/>
        <section class="tile tile--chart">
            <h2 id="meet">{{ __('views/handbook/keep-apart.in_one_vessel_the_one_after') }}</h2>
            <div class="chart-with-key">
            <x-vessel.chart by="meet" :groups="$chart->groups" :columns="$data->columns()"
                :cell="fn ($poured, $there) => $chart->meeting($poured, $chart->groups[$there])"/>
            <div class="chart-key" role="list">
                @foreach (['go' => __('views/handbook/keep-apart.fine_together'),
                    'wasteful' => __('views/handbook/keep-apart.they_cancel_each_other'), 'caution'
                    => __('views/handbook/keep-apart.wasted_or_rough_better_cleared_first'), 'clear-first'
                    => __('views/handbook/keep-apart.danger_clear_the_vessel_first_however'),
                        'never' => __('views/handbook/keep-apart.never_on_this_surface')] as $verdict =>
                        $words)
                    <span role="listitem"><x-drawing.verdict
                        :verdict="GoodRinse\Core\Chemistry\Verdict::from($verdict)"/><strong>{{
                            __("places/vessels.verdict.$verdict") }}</strong>
                        {{ $words }}</span>
                @endforeach
            </div>
            </div>
        </section>
        <section class="tile tile--chart">
            <h2 id="touch">{{ __('views/handbook/keep-apart.on_which_surface') }}</h2>
            <x-vessel.chart by="touch" :groups="$chart->groups" :columns="$rules->surfaces"
                :cell="fn ($poured, $surface) => $chart->touching($poured, $surface)"/>
            <ul class="small mt-3">
                @foreach ($rules->tools as $tool)<li>
                    {{ __('views/handbook/keep-apart.on', ['what' => Str::ucfirst($handbook->kitName($tool->what)),
                        'surface' => $rules->surfaces[$tool->surface]]) }}
                    <strong>{{ $tool->never
                        ? __('views/handbook/keep-apart.never')
                            : __('views/handbook/keep-apart.with_care') }}</strong>. {{ $tool->why }} {{ $tool->instead }}</li>@endforeach
            </ul>
        </section>
        <section class="tile">
            <h2>{{ __('views/handbook/keep-apart.what_clears_a_vessel') }}</h2>
            <p>{{ __('views/handbook/keep-apart.time_alone_clears_nothing_what_went') }}</p>
            <dl class="facts facts--wide">
                @foreach ($rules->vessels as $vessel)<dt>{{ $vessel->name }}</dt><dd>{{ $vessel->remedy }}
                    {{ $vessel->step['instruction'] }}</dd>
                    @endforeach
            </dl>
            <h3>{{ __('views/handbook/keep-apart.why') }}</h3>
            <ul>@foreach ($rules->pairs as $pair)<li>{{ Str::ucfirst(strtr($pair->why, ['{a}'
                => $handbook->chemistry()->familyName($pair->between[0]), '{b}' =>
                    $handbook->chemistry()->familyName($pair->between[1])])) }}</li>@endforeach</ul>
        </section>
        <section class="tile tile--hazard">
            <h2>{{ __('views/handbook/keep-apart.when_it_has_happened') }}</h2>
            <ol class="now">@foreach ($rules->whenMet as $line)<li>{{ $line }}</li>@endforeach</ol>
        </section>
    </div>
</x-layout>
