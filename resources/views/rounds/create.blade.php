@use('App\View\Words\Uses')
<x-layout :title="'A round on the '.$machine->name" place="kitchen">
    <div class="today">
        <section class="tile">
            <p class="muted mb-0"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
            <h1>{{ $part ? 'What about the '.mb_strtolower($part->name($machine->traits)).'?' : 'What goes into this round?' }}</h1>
            <x-trace.called :symptoms="$called"/>
            @if ($part && ! $about)<p class="step__say">Nothing is done about it on its own. Pick from everything else.</p>@endif
            <form method="get" action="{{ route('rounds.create', $machine) }}" id="pick" x-data="compose" x-on:change="total">
                <fieldset class="compose">
                    <legend class="visually-hidden">Procedures</legend>
                    @foreach ($choices as $choice)
                        <label class="compose__line">
                            <input type="checkbox" name="procedures[]" value="{{ $choice->id }}"
                                @checked(in_array($choice->id, $picked, true))>
                            <span><strong>{{ $choice->name }}</strong>
                                @if ($choice->procedure->runs)<span
                                class="muted">takes in {{ count($choice->procedure->runs) }} others</span>@endif
                                @if ($choice->procedure->alone)<span class="muted">by itself only</span>@endif<br><span
                                class="muted small">{{ $choice->procedure->does }}</span></span>
                            <span class="compose__when">{{ $choice->line?->when() ?? 'when you want it' }}</span>
                        </label>
                    @endforeach
                </fieldset>
                <p class="mt-3 mb-0"><button class="push">Show the total time</button></p>
            </form>
        </section>
        <aside class="today__aside">
            <section class="tile" id="sum" aria-live="polite">
                @if ($together)
                    <h2>{{ count($picked) > 1 ? 'In one round' : 'This round' }}</h2>
                    <p class="compose__sum"><strong>{{ $together->hands() }} min</strong>
                        of your hands, {{ Uses::minutes($together->estimate->all->value) }} in all.</p>
                    @if (count($picked) > 1)<p>{{ $together->sharing() }}@if ($together->apart() >
                        $together->hands()) One by one it would be {{ $together->apart() }} min.@endif
                        </p>@endif
                    <form method="post" action="{{ route('rounds.store', $machine) }}">
                        @csrf
                        @foreach ($picked as $id)<input type="hidden" name="procedures[]" value="{{ $id }}">@endforeach
                        <button class="push push--main push--wide">Start</button>
                    </form>
                    <ul class="clean-list mt-3 mb-0">@foreach ($picked as $id)<li>{{ $choices[$id]->name }}</li>@endforeach</ul>
                @elseif ($picked)
                    <h2>These don't go together</h2>
                    <p>{{ $conflict ?? 'One of them is not for this machine. Leave it out and try again.' }}</p>
                @else
                    <h2>Nothing picked yet</h2>
                    <p>Nothing is due here. Pick what you feel like; every opening teaches the rhythm.</p>
                @endif
            </section>
            @if ($running->isNotEmpty())
                <section class="tile"><h2>Already under way</h2>@foreach ($running as $round)<p class="mb-2">
                    <a href="{{ route('rounds.show', $round) }}">{{ $round->fittedProcedure()->name }}</a></p>@endforeach</section>
            @endif
        </aside>
    </div>
</x-layout>
