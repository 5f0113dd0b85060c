<x-layout :title="$procedure->name" place="handbook">
    <div class="today procedure">
        <div class="stack">
            <section class="tile">
                <p class="muted mb-0"><a href="{{ route('handbook') }}">{{
                    __('views/handbook/procedure.handbook') }}</a> · {{ $machine ? $machine->name : $kind->name }}</p>
                <h1>{{ $procedure->name }}</h1>
                <p class="step__say">{{ $procedure->does }}</p>
                <p class="nums">
                    <strong>{{ trans_choice('views/handbook/procedure.minutes_of_your_hands', $data->hands()) }}</strong>{{
                        $data->fromStart() }}.@if ($runs) {{ __('views/handbook/procedure.made_of', ['runs' => implode(', ',
                            array_map('mb_strtolower', $runs))]) }}@endif</p>
                @if ($refused)
                    <p class="hazard"><strong>{{
                        __('views/handbook/procedure.not_on_this_machine') }}</strong> {{ $refused->reason }} {{ $refused->remedy }}</p>
                @elseif (! $fits && $machine)
                    <p class="hazard"><strong>{{ __('views/handbook/procedure.not_for_this_machine') }}</strong> {{
                        __('views/handbook/procedure.it_is_made_otherwise_below_is') }}
                        </p>
                @endif
                @if ($machines->count() > 1)
                    <p class="chips small">{{ __('views/handbook/procedure.on') }} @foreach ($machines as $each)<a class="chip"
                        href="{{ route('handbook.procedure', [$kind->id, $procedure->id, 'machine' => $each->id]) }}"
                        @if ($machine?->is($each)) aria-current="true" @endif>{{ $each->name }}</a> @endforeach</p>
                @endif
                @if ($fits && $machine)
                    <form method="post" action="{{ route('rounds.store', $machine) }}">
                        @csrf
                        <input type="hidden" name="procedure" value="{{ $procedure->id }}">
                        <button class="push push--main">{{
                            __('views/handbook/procedure.start_it_on', ['machine' => $machine->name]) }}</button>
                    </form>
                @endif
            </section>
            <section class="tile">
                <h2>{{ __('views/handbook/procedure.step_by_step') }}</h2>
                <ol class="script">
                    @foreach ($procedure->steps as $step)
                        <li>
                            @if ($step->picture)<x-drawing.step-picture :name="$step->picture"/>@endif
                            <h3>{{ strtr($step->title, $words) }}</h3>
                            @foreach ($step->amounts as $amount)<p class="script__amount">
                                {{ $amount->portion->inKitchen($household->measures) }}
                                {{ $handbook->agent($amount->agent)->name }}{{ $amount->strength
                                ? ', '.App\View\Words\Uses::number($amount->strength).' %' : '' }}</p>@endforeach
                            <p>{{ strtr($step->instruction, $words) }}</p>
                            @if ($step->timer)<p class="script__wait">
                                <x-drawing.wait-mark/>{{ $step->timer->label }}:
                                {{ App\View\Words\Uses::minutes($step->timer->lasts([])->value) }}{{ $step->timer->machine
                                ? ', '.__('views/handbook/procedure.the_machine_works') : '' }}{{ $step->timer->most
                                    ? ', '.__('views/handbook/procedure.never_more_than').' '.(int) $step->timer->most->value
                                : '' }}</p>@endif
                            @foreach ($step->cautions as $id)<p class="script__caution">
                                <strong>{{ $handbook->caution($id)->title }}.</strong> {{ $handbook->caution($id)->text }}</p>@endforeach
                            @if (! $step->if->isEmpty())<p class="muted small">{{
                                __('views/handbook/procedure.only_when_the_answers_before_call') }}</p>@endif
                        </li>
                    @endforeach
                </ol>
            </section>
        </div>
        <aside class="today__aside">
            @if ($procedure->ends)
                <section class="tile"><h2>{{
                    __('views/handbook/procedure.when_you_finish') }}</h2><ul
                        class="ticks">@foreach ($procedure->ends as $end)<li>{{ $end }}</li>
                    @endforeach</ul></section>
            @endif
            @if ($machine && ($kept = $machine->procedure_notes[$procedure->id] ?? ''))<section class="tile print-only">
                <h2>{{ __('views/handbook/procedure.your_note_for', ['machine' => $machine->name]) }}</h2><p
                    class="own-note">“{{ $kept }}”</p></section>@endif
            @if ($machine)
                <form method="post" action="{{ route('machines.note', [$machine, $procedure->id]) }}" class="tile">
                    @csrf @method('put')
                    <h2><label for="f-note">{{ __('views/handbook/procedure.your_note_for', ['machine' => $machine->name]) }}</label></h2>
                    <textarea class="form-control" id="f-note" name="note" rows="3" maxlength="500"
                        @invalid('note', 'f-note-hint')>{{ is_string(old('note')) ? old('note')
                        : $machine->procedure_notes[$procedure->id] ?? '' }}</textarea>
                    <p class="muted small" id="f-note-hint">{{ __('views/handbook/procedure.it_stands_beside_every_step_when') }}</p>
                    <x-form.field-error name="note"/>
                    <button class="push">{{ __('views/handbook/procedure.keep_the_note') }}</button>
                </form>
            @endif
            @if ($kit->items || $kit->agents)
                <section class="tile"><h2>{{ __('views/handbook/procedure.within_reach') }}</h2>
                    <ul class="clean-list small">
                        @foreach ($kit->items as $item)<li>{{ strtr($handbook->kitName($item->id), $words) }}@if ($item->if)
                            <span class="muted small">{{ App\Care\Words\KitWords::why($item->if) }}</span>@endif</li>@endforeach
                        @foreach ($kit->agents as $agent)<li>
                            {{ ($agent->sure
                            ?? $agent->most)->inKitchen($household->measures) }} {{ $handbook->agent($agent->id)->name }}@if ($agent->if)
                            <span class="muted small">{{ $agent->sure
                            ? __('rounds.kit_upto', ['amount' => $agent->most->inKitchen($household->measures), 'why'
                            => App\Care\Words\KitWords::why($agent->if)]) : App\Care\Words\KitWords::why($agent->if) }}</span>@endif</li>
                            @endforeach
                    </ul>
                </section>
            @endif
            @if ($procedure->why || $questions)
                <section class="tile">
                    <h2>{{ __('views/handbook/procedure.why_this_way') }}</h2>
                    @if ($procedure->why)<p>{{ $procedure->why }}</p>@endif
                    @foreach ($questions as $question)
                        <details><summary>{{ $question->question }}</summary><x-form.question :question="$question"/></details>
                    @endforeach
                </section>
            @endif
            @if ($leftOut)
                <section class="tile"><h2>{{
                    __('views/handbook/procedure.left_out_here') }}</h2>@foreach ($leftOut as $short => $reason)<p>
                    <strong>{{ $short }}.</strong> {{ $reason }}</p>@endforeach</section>
            @endif
        </aside>
    </div>
</x-layout>
