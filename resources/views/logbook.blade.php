@use('App\View\Words\Dates')
<x-layout :title="__('views/logbook.logbook')" place="logbook">
    <x-drawing.scale-symbols :handbook="$handbook"/>
    <x-drawing.entry-signs/>
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <h1>{{ $data->head() }}</h1>
    <nav class="filters" aria-label="{{ __('views/logbook.what_the_logbook_shows') }}">
        @foreach (['care' => __('views/logbook.care'), 'uses' => __('views/logbook.uses'),
            'all' => __('views/logbook.everything_with_undos'), 'pictures' => __('views/logbook.pictures')] as $id => $name)
            <a class="push" href="{{ $data->url(['show' => $id === 'care' ? null : $id]) }}" @if ($show === $id)
                aria-current="true" @endif>{{ $name }}</a>
        @endforeach
        @if ($machines->count() > 1)
            <a class="push" href="{{ $data->url(['machine' => null]) }}" @if ($machine === null) aria-current="true"
                @endif>{{ __('views/logbook.all_machines') }}</a>
            <x-page.machine-nav :machines="$machines" :current="$machine?->id"
                :url="fn ($each) => $data->url(['machine' => $each->id])"/>
        @endif
    </nav>
    <details class="mb-3" @if ($asked || $errors->any()) open @endif>
        <summary>{{ __('views/logbook.find_a_word_some_days_one') }}</summary>
        <form method="get" action="{{ route('logbook') }}" class="tile mt-2">
            @foreach (array_filter(['machine' => $machine?->id, 'show' => $show === 'care' ? null : $show]) as $name => $value)<input
                type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <div class="row g-3">
                <div class="col-12 col-md-4"><x-form.field name="find" :label="__('views/logbook.a_word')" maxlength="60"
                    :value="$asked['find'] ?? ''"/></div>
                <div class="col-6 col-md-3"><x-form.field name="from" :label="__('views/logbook.from')" type="date"
                    :value="$asked['from'] ?? ''"/></div>
                <div class="col-6 col-md-3"><x-form.field name="to" :label="__('views/logbook.to_that_day_too')" type="date"
                    :value="$asked['to'] ?? ''"/></div>
                @if (count($people) > 1)<div class="col-12 col-md-2 field"><label class="form-label" for="f-by">{{
                    __('views/logbook.by') }}</label>
                    <select class="form-select" id="f-by" name="by"><option value="">{{
                        __('views/logbook.anybody') }}</option>@foreach ($people as $id => $name)
                    <option value="{{ $id }}" @selected(($asked['by'] ?? '') === (string) $id)>{{ $name }}</option>@endforeach</select>
                    </div>@endif
            </div>
            <p class="with-gap mt-3 mb-0"><button class="push">{{
                __('views/logbook.find') }}</button>@if ($asked)<a class="push push--quiet"
                href="{{ route('logbook') }}">{{ __('views/logbook.show_all_again') }}</a>@endif</p>
        </form>
    </details>
    @if ($show === 'pictures')
        <div class="photos gallery">
            @forelse ($photos as $each)
                <figure><a href="{{ $each['to'] ?? route('photos.show', $each['photo']) }}"><img
                    src="{{ route('photos.show', $each['photo']) }}" loading="lazy"
                    alt="{{ $each['of'] }}, {{ Dates::day($each['day'], $today) }}"></a><figcaption
                    class="muted small">{{ Dates::day($each['day'], $today) }}{{ $each['of'] ? ', '.$each['of']
                    : '' }}</figcaption></figure>
            @empty
                <p class="muted">{{ __('views/logbook.no_pictures_yet_a_round_takes') }}</p>
            @endforelse
        </div>
    @elseif (! $days)
        <section class="tile"><p class="mb-0">{{ __('views/logbook.every_round_every_opening_and_every') }}</p>
            </section>
    @endif
    <form method="post" id="void">@csrf</form>
    @foreach ($days as $group)
        <section class="day" aria-label="{{ Dates::longWeekday($group['day'], $today) }}">
            <h2>{{ Dates::day($group['day'], $today) }} <span>{{ Dates::relative($group['day'], $today) }}</span></h2>
            <div class="tile">
                @foreach ($group['groups'] as $lines)
                    @foreach ($lines as $line)
                        @if ($loop->iteration === 2)<details class="line__more"><summary>{{
                            __('views/logbook.more_from_the_same_round', ['lines' => count($lines) - 1]) }}
                            </summary>@endif
                        <div @class(['line', 'line--void' => $line->voidedBy, 'line--pointed' => $line->id === $pointed])
                            @if ($line->id === $pointed) id="entry" aria-current="true" @endif>
                            <span class="line__sign">
                                @if ($line->grade)<svg class="swatch swatch--34" aria-hidden="true"><use
                                    href="#grade-{{ $line->grade }}"/>
                                    </svg>@else<svg aria-hidden="true"><use href="#sign-{{ $line->kind }}"/></svg>@endif
                            </span>
                            <span class="line__words">
                                <span>{{ $line->words }}</span>
                                @if ($line->met)<strong class="hazard line__met">{{ $line->met }}</strong>@endif
                                <small>{{ implode(' · ', array_filter([$line->time, $line->machine, $line->person, $line->entered,
                                    $line->was, $line->voidedBy ? ($line->isRight
                                        ? __('views/logbook.set_right_since') : __('views/logbook.taken_back')) : null])) }}</small>
                            </span>
                            @if ($line->canCorrect)<a class="push push--quiet" href="{{ route('entries.correct', $line->id) }}"
                                aria-label="{{ __('views/logbook.set_right', ['words' => $line->words]) }}">{{
                                    __('views/logbook.set_right_2') }}</a>@endif
                            @if (! $line->isUndo)<button class="push push--quiet" form="void"
                                formaction="/entries/{{ $line->voidedBy ?? $line->id }}/void"
                                aria-label="{{ $line->voidedBy
                                    ? __('views/logbook.bring_back') : __('views/logbook.undo') }}: {{ $line->words }}">{{ $line->voidedBy
                                ? __('views/logbook.bring_back') : __('views/logbook.undo') }}</button>@endif
                        </div>
                        @if ($loop->iteration > 1 && $loop->last)<a class="push push--quiet"
                            href="/rounds/{{ $line->round }}">{{ __('views/logbook.see_the_round') }}</a></details>@endif
                    @endforeach
                @endforeach
            </div>
        </section>
    @endforeach
    @if ($more)<p class="mt-4"><a class="push" href="{{ $data->url(['before' => $more]) }}">{{
        __('views/logbook.earlier') }}</a></p>@endif
</x-layout>
