@use('App\View\Words\Uses')
<x-layout :title="__('views/rounds/create.a_round_on_the').' '.$machine->name" place="kitchen">
    <div class="today">
        <section class="tile">
            <p class="muted mb-0"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
            <h1>{{ $part ? __('views/rounds/create.what_about_the').' '.mb_strtolower($part->name($machine->traits)).'?'
                : __('views/rounds/create.what_goes_into_this_round') }}</h1>
            <x-trace.called :symptoms="$called"/>
            @if ($part && ! $about)<p class="step__say">{{ __('views/rounds/create.nothing_is_done_about_it_on') }}</p>@endif
            <form method="get" action="{{ route('rounds.create', $machine) }}" id="pick" x-data="compose" x-on:change="total">
                <fieldset class="compose">
                    <legend class="visually-hidden">{{ __('views/rounds/create.procedures') }}</legend>
                    @foreach ($choices as $choice)
                        <label class="compose__line">
                            <input type="checkbox" name="procedures[]" value="{{ $choice->id }}"
                                @checked(in_array($choice->id, $picked, true))>
                            <span><strong>{{ $choice->name }}</strong>
                                @if ($choice->procedure->runs)<span
                                class="muted">{{ __('views/rounds/create.takes_in_others', ['runs' => count($choice->procedure->runs)])
                                    }}</span>@endif
                                @if ($choice->procedure->alone)<span class="muted">{{
                                    __('views/rounds/create.by_itself_only') }}</span>@endif<br><span
                                class="muted small">{{ $choice->procedure->does }}</span></span>
                            <span class="compose__when">{{ $choice->line?->when() ?? __('views/rounds/create.when_you_want_it') }}</span>
                        </label>
                    @endforeach
                </fieldset>
                <p class="mt-3 mb-0"><button class="push">{{ __('views/rounds/create.show_the_total_time') }}</button></p>
            </form>
        </section>
        <aside class="today__aside">
            <section class="tile" id="sum" aria-live="polite">
                @if ($together)
                    <h2>{{ count($picked) > 1 ? __('views/rounds/create.in_one_round') : __('views/rounds/create.this_round') }}</h2>
                    <p class="compose__sum"><strong>{{ __('views/rounds/create.min', ['hands' => $together->hands()]) }}</strong>
                        {{ __('views/rounds/create.of_your_hands_in_all', ['value' => Uses::minutes($together->estimate->all->value)])
                            }}</p>
                    @if (count($picked) > 1)<p>{{ $together->sharing() }}@if ($together->apart() >
                        $together->hands()) {{ __('views/rounds/create.one_by_one_it_would_be', ['apart' => $together->apart()]) }}@endif
                        </p>@endif
                    <form method="post" action="{{ route('rounds.store', $machine) }}">
                        @csrf
                        @foreach ($picked as $id)<input type="hidden" name="procedures[]" value="{{ $id }}">@endforeach
                        <button class="push push--main push--wide">{{ __('views/rounds/create.start') }}</button>
                    </form>
                    <ul class="clean-list mt-3 mb-0">@foreach ($picked as $id)<li>{{ $choices[$id]->name }}</li>@endforeach</ul>
                @elseif ($picked)
                    <h2>{{ __('views/rounds/create.these_dont_go_together') }}</h2>
                    <p>{{ $conflict ?? __('views/rounds/create.one_of_them_is_not_for') }}</p>
                @else
                    <h2>{{ __('views/rounds/create.nothing_picked_yet') }}</h2>
                    <p>{{ __('views/rounds/create.nothing_is_due_here_pick_what') }}</p>
                @endif
            </section>
            @if ($running->isNotEmpty())
                <section class="tile"><h2>{{
                    __('views/rounds/create.already_under_way') }}</h2>@foreach ($running as $round)<p class="mb-2">
                    <a href="{{ route('rounds.show', $round) }}">{{ $round->fittedProcedure()->name }}</a></p>@endforeach</section>
            @endif
        </aside>
    </div>
</x-layout>
