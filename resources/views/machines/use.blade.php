@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout title="Use of {{ $machine->name }}" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
    <h1>{{ Uses::counted($rate * 7, $kind->useUnit) }} a week{{ $measured ? '' : ', as you said' }}.</h1>
    <div class="use-page" x-data="span">
        <section class="tile">
            <div class="chart-scroll" tabindex="0" role="region" aria-label="How much it was used, day by day"><table class="use"
                aria-label="How much it was used, day by day">
                <thead><tr><th scope="col"><span class="visually-hidden">Week from</span></th>
                    @foreach (['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as $name)<th scope="col">{{ $name }}</th>
                    @endforeach<th scope="col">In all</th></tr></thead>
                <tbody>
                    @foreach ($weeks as $i => $days)
                        <tr>
                            <th scope="row">{{ Dates::short($days[0][0], $today) }}</th>
                            @foreach ($days as [$day, $use])
                                <td>@if ($use)<button type="button" class="use__day use__day--{{ $use->known() }}" data-day="{{ $day }}"
                                    x-on:click="pick"
                                    aria-label="{{ Dates::day($day, $today) }}: {{ Uses::counted($use->uses(),
                                        $kind->useUnit) }}, {{ __('machines.known.'.$use->known()) }}">{{ $use->known() === 'away' ? '–'
                                        : Uses::number($use->uses()) }}</button>@endif</td>
                            @endforeach
                            <td class="nums">{{ Uses::number($sums[$i]) }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
            <ul class="use__key small">@foreach (['counted', 'told', 'estimated', 'away'] as $how)<li>
                <span class="use__day use__day--{{ $how }}" aria-hidden="true">{{ $how === 'away' ? '–' : '' }}</span>
                {{ __("machines.known.$how") }}</li>@endforeach</ul>
            <p class="with-gap mb-0"><a class="push push--quiet"
                href="{{ route('uses.index', [$machine, 'back' => $back + $step]) }}">Earlier</a>@if ($back)<a class="push push--quiet"
                href="{{ route('uses.index', [$machine, 'back' => max(0, $back - $step)]) }}">Later</a>@endif</p>
        </section>
        <form method="post" action="{{ route('uses.store', $machine) }}" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <h2>How many were there?</h2>
            <p class="muted small">
                Tap the first day and the last, or write them here. What a counter counted stays as it is; a number for days that you told
                before takes the place of that one.</p>
            <div class="row g-3">
                <div class="col-6"><x-form.field name="from" label="From" type="date" :max="(string) $today"
                    :value="(string) $today->plus(-7)"
                    required x-ref="from"/></div>
                <div class="col-6"><x-form.field name="to" label="To, that day too" type="date" :max="(string) $today"
                    :value="(string) $today->plus(-1)" required x-ref="to"/></div>
            </div>
            <x-form.field name="uses" :label="'About how many '.Uses::unit($kind->useUnit)" type="number" min="0" max="1000" step="any"
                inputmode="decimal" required
                x-ref="uses"/>
            <p class="mt-3 mb-0"><button class="push push--main">Write it down</button></p>
        </form>
    </div>
</x-layout>
