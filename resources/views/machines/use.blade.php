@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
<x-layout :title="__('views/machines/use.use_of', ['machine' => $machine->name])" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
    <h1>{{ __('views/machines/use.a_week', ['use_unit' => Uses::counted($rate * 7, $kind->useUnit),
        'what' => $measured ? '' : ', '.__('views/machines/use.as_you_said')]) }}</h1>
    <div class="use-page" x-data="span">
        <section class="tile">
            <div class="chart-scroll" tabindex="0" role="region" aria-label="{{
                __('views/machines/use.how_much_it_was_used_day') }}"><table class="use"
                aria-label="{{ __('views/machines/use.how_much_it_was_used_day') }}">
                <thead><tr><th scope="col"><span class="visually-hidden">{{ __('views/machines/use.week_from') }}</span></th>
                    @foreach ([__('views/machines/use.mon'), __('views/machines/use.tue'), __('views/machines/use.wed'),
                        __('views/machines/use.thu'), __('views/machines/use.fri'), __('views/machines/use.sat'),
                            __('views/machines/use.sun')] as $name)<th scope="col">{{ $name }}</th>
                    @endforeach<th scope="col">{{ __('views/machines/use.in_all') }}</th></tr></thead>
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
                href="{{ route('uses.index', [$machine, 'back' => $back + $step]) }}">{{
                    __('views/machines/use.earlier') }}</a>@if ($back)<a class="push push--quiet"
                href="{{ route('uses.index', [$machine, 'back' => max(0, $back - $step)]) }}">{{
                    __('views/machines/use.later') }}</a>@endif</p>
        </section>
        <form method="post" action="{{ route('uses.store', $machine) }}" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <h2>{{ __('views/machines/use.how_many_were_there') }}</h2>
            <p class="muted small">
                {{ __('views/machines/use.tap_the_first_day_and_the') }}</p>
            <div class="row g-3">
                <div class="col-6"><x-form.field name="from" :label="__('views/machines/use.from')" type="date" :max="(string) $today"
                    :value="(string) $today->plus(-7)"
                    required x-ref="from"/></div>
                <div class="col-6"><x-form.field name="to" :label="__('views/machines/use.to_that_day_too')" type="date"
                    :max="(string) $today"
                    :value="(string) $today->plus(-1)" required x-ref="to"/></div>
            </div>
            <x-form.field name="uses" :label="__('views/machines/use.about_how_many').' '.Uses::unit($kind->useUnit)" type="number"
                min="0" max="1000" step="any"
                inputmode="decimal" required
                x-ref="uses"/>
            <p class="mt-3 mb-0"><button class="push push--main">{{ __('views/machines/use.write_it_down') }}</button></p>
        </form>
    </div>
</x-layout>
