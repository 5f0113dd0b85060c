<x-layout title="Keep apart" place="handbook">
    <div class="handbook">
        <div class="handbook__head">
            <h1>What may meet what.</h1>
            <x-page.handbook-tabs on="handbook.keep-apart"/>
        </div>
        <x-page.hint of="keep-apart"/>
        <section class="tile tile--chart">
            <h2 id="meet">In one vessel, the one after the other</h2>
            <div class="chart-with-key">
            <x-vessel.chart by="meet" :groups="$chart->groups" :columns="$data->columns()"
                :cell="fn ($poured, $there) => $chart->meeting($poured, $chart->groups[$there])"/>
            <div class="chart-key" role="list">
                @foreach (['go' => 'Fine together.', 'wasteful' => 'They cancel each other.', 'caution'
                    => 'Wasted or rough: better cleared first.', 'clear-first'
                    => 'Danger: clear the vessel first, however long ago it was.', 'never' => 'Never on this surface.'] as $verdict =>
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
            <h2 id="touch">On which surface</h2>
            <x-vessel.chart by="touch" :groups="$chart->groups" :columns="$rules->surfaces"
                :cell="fn ($poured, $surface) => $chart->touching($poured, $surface)"/>
            <ul class="small mt-3">
                @foreach ($rules->tools as $tool)<li>
                    {{ Str::ucfirst($handbook->kitName($tool->what)) }} on {{ $rules->surfaces[$tool->surface] }}:
                    <strong>{{ $tool->never ? 'never' : 'with care' }}</strong>. {{ $tool->why }} {{ $tool->instead }}</li>@endforeach
            </ul>
        </section>
        <section class="tile">
            <h2>What clears a vessel</h2>
            <p>Time alone clears nothing. What went in stays in until this is done and written down:</p>
            <dl class="facts facts--wide">
                @foreach ($rules->vessels as $vessel)<dt>{{ $vessel->name }}</dt><dd>{{ $vessel->remedy }} {{ $vessel->step['say'] }}</dd>
                    @endforeach
            </dl>
            <h3>Why</h3>
            <ul>@foreach ($rules->pairs as $pair)<li>{{ Str::ucfirst(strtr($pair->why, ['{a}'
                => $handbook->chemistry()->familyName($pair->between[0]), '{b}' =>
                    $handbook->chemistry()->familyName($pair->between[1])])) }}</li>@endforeach</ul>
        </section>
        <section class="tile tile--hazard">
            <h2>When it has happened</h2>
            <ol class="now">@foreach ($rules->whenMet as $line)<li>{{ $line }}</li>@endforeach</ol>
        </section>
    </div>
</x-layout>
