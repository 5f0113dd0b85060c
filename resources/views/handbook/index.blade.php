<x-layout title="Handbook" place="handbook">
    <div class="handbook" x-data="find">
        <div class="handbook__head">
            <h1>What do you want to look up?</h1>
            <x-page.handbook-tabs on="handbook"/>
        </div>
        <form class="handbook__find" method="get" role="search" x-on:submit.prevent="search">
            @if ($all)<input type="hidden" name="show" value="all">@endif
            <label class="visually-hidden" for="q">Search the handbook</label>
            <input class="form-control" id="q" name="q" type="search" value="{{ $query }}" placeholder="filter, smell, vinegar …"
                autocomplete="off" x-ref="query" x-on:input="later">
            <x-page.scope-switch to="handbook" :all="$all"/>
        </form>
        <div data-found x-ref="found">
        <p class="muted" role="status" @if (trim($query) === '') hidden @endif>
            {{ $count === 0 ? 'Nothing holds all of these words. Try fewer, or all kinds of machines.' : $count.' found.' }}</p>
        @foreach ($groups as $group)
            <section class="tile">
                <h2>{{ $group['title'] }}@if ($group['machine'])
                    <span class="muted small"> · as it is done on this machine</span>@endif</h2>
                @foreach (['One job at a time' => array_filter($group['lines'], fn ($line) => ! $line->several), 'Several in one go'
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
                                <span class="muted small nums">{{ $line->hands }} min of hands{{ $line->waiting
                                    ? ', '.App\View\Words\Uses::minutes($line->waiting).' of waiting' : '' }}</span>
                            </a>
                        </li>
                    @endforeach
                </ul>
                @endif
                @endforeach
                @if ($group['not'])
                    <p class="muted small mb-0 mt-3">Not on this machine:
                        @foreach ($group['not'] as $name => $reason)<strong>{{ $name }}</strong>. {{ $reason }} @endforeach</p>
                @endif
            </section>
        @endforeach
        @if ($alsoFound)
            <section class="tile">
                <h2>Elsewhere in the handbook</h2>
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
