@props(['strip', 'today'])
@use('App\View\Words\Dates')
<section class="strip tile" aria-labelledby="six-weeks">
    <h2 id="six-weeks">{{ __('views/components/care/six-weeks.the_next_six_weeks') }}</h2>
    <svg viewBox="0 0 820 {{ $strip->height() }}" role="img"
        aria-label="{{ $strip->inWords($today) }}">
        @foreach ($strip->weeks as [$day, $at])
            <path class="ink-line w-thin" opacity="0.18" d="M{{ 4 + $at * 8 }} 22 V{{ $strip->height() }}"/>
            <text class="faint" x="{{ 4 + $at * 8 }}"
                y="15">{{ $loop->first ? __('views/components/care/six-weeks.today') : Dates::short($day) }}</text>
        @endforeach
        <path class="copper-line" d="M4 22 V{{ $strip->height() }}"/>
        @foreach ($strip->marks as $mark)
            <rect class="in-soft" x="{{ 4 + $mark['from'] * 8 }}" y="{{ $mark['y'] - 9 }}"
                width="{{ max(8, ($mark['to'] - $mark['from']) * 8) }}"
                height="18" rx="9"/>
            <circle class="in-rim" cx="{{ 4 + $mark['at'] * 8 }}" cy="{{ $mark['y'] }}" r="7"/>
            <text x="{{ 4 + $mark['at'] * 8 }}" y="{{ $mark['y'] + 27 }}"
                text-anchor="{{ $mark['at'] > 50 ? 'end' : 'start' }}">{{
                    __('views/components/care/six-weeks.about', ['mark' => $mark['care']->name(),
                        'machine' => $mark['care']->machine->name,
                            'what' => $mark['again'] ? ' '.__('views/components/care/six-weeks.again_if_cleaned_today')
                : '', 'mark2' => Dates::short($mark['on'])]) }}</text>
        @endforeach
        @if (! $strip->marks)<text class="faint" x="20" y="50">{{ __('views/components/care/six-weeks.nothing_falls_due') }}</text>@endif
    </svg>
    <ol class="strip__list clean-list" aria-hidden="true">
        @foreach ($strip->marks as $mark)<li><span>{{ __('today.strip_list', ['job' => $mark['care']->name(),
            'machine' => $mark['care']->machine->name]) }}</span> <span
                class="muted">{{ Dates::short($mark['on']) }}</span></li>@endforeach
    </ol>
    @if ($strip->more)<p class="muted small mb-0">{{
        __('views/components/care/six-weeks.and_more_after_these_each_stands', ['more' => $strip->more]) }}</p>@endif
</section>
