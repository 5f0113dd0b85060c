<x-layout :title="__('views/machines/apart.how_the').' '.$machine->name.' '.__('views/machines/apart.comes_apart')" place="kitchen">
    <section class="tile">
        <p class="muted mb-0"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>{{ __('views/machines/apart.how_it_comes_apart') }}</h1>
        <p class="step__say">
            {{ __('views/machines/apart.what_the_handbook_says_of_a') }}</p>
        <ol class="clean-list sheet">
            @foreach ($lines as $line)
                <li class="sheet__line" id="{{ $line->part }}">
                    <x-machine.part :part="$line->part" :by="$line->holding->by" :pieces="$line->smallPieces()"/>
                    <div>
                        <h2><span class="sheet__number">{{ $loop->iteration }}</span> {{ $line->name }}</h2>
                        @if ($line->lines)<p>{{ implode(' ', array_map(fn ($each) => rtrim($each, '.').'.', $line->lines)) }}</p>@endif
                        @if ($line->comesAlong())<p>{{
                            __('views/machines/apart.comes_along') }} <strong>{{ implode(', ', $line->inFull()) }}</strong>.</p>@endif
                        @if ($line->holding->way)<p>{{ $line->holding->way }}</p>@endif
                        @foreach ($line->holding->cautions as $caution)<p class="hazard small">{{ $handbook->caution($caution)->title }}.
                            </p>@endforeach
                        @if ($line->own->note)<p class="own-note">“{{ $line->own->note }}”</p>@endif
                        @if ($line->own->photo)<div class="photos">
                            <img src="{{ route('photos.show', $line->own->photo) }}"
                            alt="{{ __('views/machines/apart.your_picture_of_how_the_is', ['line' => mb_strtolower($line->name)])
                                }}"></div>@endif
                        <p class="muted small mb-0">{{ isset($machine->ownParts()->parts[$line->part])
                            ? __('views/machines/apart.added_by_you_it_comes_off').'
                                '.mb_strtolower($known[$machine->ownParts()->parts[$line->part]->inTheWayOf]->name ?? '').'.' :
                                ($line->own->isEmpty()
                                    ? __('views/machines/apart.as_the_handbook_has_it')
                                        : __('views/machines/apart.set_right_by_you')) }}</p>
                    </div>
                    <div class="sheet__do">
                        @if (isset($machine->ownParts()->parts[$line->part]))
                            <form method="post" action="{{ route('parts.destroy', [$machine, $line->part]) }}">
                                @csrf @method('delete')<button class="push push--quiet"
                                aria-label="{{ __('views/machines/apart.take_away', ['line' => $line->name]) }}">{{
                                    __('views/machines/apart.take_this_part_away') }}</button></form>
                        @else
                        <a class="push push--quiet" href="{{ route('machines.apart.edit', [$machine, $line->part]) }}"
                            aria-label="{{ __('views/machines/apart.set_right', ['line' => $line->name]) }}">{{
                                __('views/machines/apart.mine_is_different') }}</a>
                        <a class="push push--quiet" href="{{ route('rounds.create', [$machine, 'part' => $line->part]) }}"
                            aria-label="{{ __('views/machines/apart.a_round_for', ['line' => $line->name]) }}">{{
                                __('views/machines/apart.a_round_for_it') }}</a>
                        @endif
                    </div>
                </li>
            @endforeach
        </ol>
        @if (! $lines)<p>{{ __('views/machines/apart.nothing_comes_off_a_machine_like') }}</p>@endif
        @if ($known)
            <details class="mt-3" @if ($errors->hasAny(['name', 'in_the_way_of', 'note'])) open @endif>
                <summary>{{ __('views/machines/apart.mine_has_a_part_that_is') }}</summary>
                <form method="post" action="{{ route('parts.store', $machine) }}" class="mt-2">
                    @csrf
                    <x-form.field name="name" :label="__('views/machines/apart.what_do_you_call_it')" maxlength="40" required/>
                    <div class="field">
                        <label class="form-label" for="f-in_the_way_of">{{ __('views/machines/apart.it_has_to_come_off_before') }}</label>
                        <select class="form-select" id="f-in_the_way_of" name="in_the_way_of" @invalid('in_the_way_of')>
                            @foreach ($known as $line)<option value="{{ $line->part }}" @selected(old('in_the_way_of') === $line->part)>
                                {{ $line->name }}</option>@endforeach
                        </select>
                        <x-form.field-error name="in_the_way_of"/>
                    </div>
                    <x-form.piece-rows/>
                    <x-form.field name="note" :label="__('views/machines/apart.how_it_comes_off_or_anything')" maxlength="200"/>
                    <button class="push">{{ __('views/machines/apart.add_this_part') }}</button>
                </form>
            </details>
        @endif
    </section>
</x-layout>
