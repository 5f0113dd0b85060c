<x-layout :title="__('views/handbook/index.handbook')" place="handbook">
    <div class="handbook" x-data="find">
        <div class="handbook__head">
            <h1>{{ __('views/handbook/index.what_do_you_want_to_look') }}</h1>
            <x-page.handbook-tabs on="handbook"/>
        </div>
        <form class="handbook__find" method="get" role="search" x-on:submit.prevent="search">
            @if ($all)<input type="hidden" name="show" value="all">@endif
            <label class="visually-hidden" for="q">{{ __('views/handbook/index.search_the_handbook') }}</label>
            <input class="form-control" id="q" name="q" type="search" value="{{ $query }}" placeholder="{{
                __('views/handbook/index.filter_smell_vinegar') }}"
                autocomplete="off" x-ref="query" x-on:input="later">
            <x-page.scope-switch to="handbook" :all="$all"/>
        </form>
        <div data-found x-ref="found">
        <p class="muted" role="status" @if (trim($query) === '') hidden @endif>
            {{ $count === 0 ? __('views/handbook/index.nothing_holds_all_of_these_words')
                : $count.' '.__('views/handbook/index.found') }}</p>
        @foreach ($groups as $group)
            <section class="tile">
                <h2>{{ $group['title'] }}@if ($group['machine'])
                    <span class="muted small"> {{ __('views/handbook/index.as_it_is_done_on_this') }}</span>@endif</h2>
                @foreach ([__('views/handbook/index.one_job') => array_filter($group['lines'], fn ($line) => ! $line->several),
                    __('views/handbook/index.several')
                    => array_filter($group['lines'], fn ($line) => $line->several)] as $sort => $lines)
                @if ($lines)
                @if ($loop->last)<h3 class="mt-3">{{ $sort }}</h3>@endif
                <ul class="clean-list howtos">
                    @foreach ($lines as $line)
                        <li>
                            <a class="row-link"
                                href="/handbook/{{ $line->kind }}/{{ $line->id }}{{ $line->machine ? '?machine='.$line->machine : '' }}">
                                <strong>{{ $line->name }}</strong>
                                <span>{{ $line->does }}</span>
                                <span class="muted small nums">{{
                                    __('views/handbook/index.min_of_hands', ['hands' => $line->hands, 'what' => $line->waiting
                                    ? ', '.App\View\Words\Uses::minutes($line->waiting).' '.__('views/handbook/index.of_waiting')
                                        : '']) }}</span>
                            </a>
                        </li>
                    @endforeach
                </ul>
                @endif
                @endforeach
                @if ($group['not'])
                    <p class="muted small mb-0 mt-3">{{ __('views/handbook/index.not_on_this_machine') }}
                        @foreach ($group['not'] as $name => $reason)<strong>{{ $name }}</strong>. {{ $reason }} @endforeach</p>
                @endif
            </section>
        @endforeach
        @if ($alsoFound)
            <section class="tile">
                <h2>{{ __('views/handbook/index.elsewhere_in_the_handbook') }}</h2>
                <ul class="clean-list howtos">
                    @foreach ($alsoFound as $found)
                        <li><a class="row-link"
                            href="{{ $found['url'] }}"><strong>{{ $found['title'] }}</strong><span>{{ $found['text'] }}</span><span
                            class="muted small">{{ $found['sort'] }}</span></a></li>
                    @endforeach
                </ul>
            </section>
        @endif
        </div>
    </div>
</x-layout>
