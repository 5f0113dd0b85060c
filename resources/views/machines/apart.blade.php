<x-layout :title="'How the '.$machine->name.' comes apart'" place="kitchen">
    <section class="tile">
        <p class="muted mb-0"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>How it comes apart.</h1>
        <p class="step__say">
            What the handbook says of a machine like yours, and what you set right. Rounds, kit list, tray and door card all follow this
            page.</p>
        <ul class="clean-list sheet">
            @foreach ($lines as $line)
                <li class="sheet__line" id="{{ $line->part }}">
                    <x-drawing.hold :by="$line->holding->by"/>
                    <div>
                        <h2>{{ $line->name }}</h2>
                        @if ($line->lines)<p>{{ implode(' ', array_map(fn ($each) => rtrim($each, '.').'.', $line->lines)) }}</p>@endif
                        @if ($line->comesAlong())<p>Comes along: <strong>{{ implode(', ', $line->inFull()) }}</strong>.</p>@endif
                        @if ($line->holding->way)<p>{{ $line->holding->way }}</p>@endif
                        @foreach ($line->holding->cautions as $caution)<p class="hazard small">{{ $handbook->caution($caution)->title }}.
                            </p>@endforeach
                        @if ($line->own->note)<p class="own-note">“{{ $line->own->note }}”</p>@endif
                        @if ($line->own->photo)<div class="photos">
                            <img src="{{ route('photos.show', $line->own->photo) }}"
                            alt="Your picture of how the {{ mb_strtolower($line->name) }} is held"></div>@endif
                        <p class="muted small mb-0">{{ isset($machine->ownParts()->parts[$line->part])
                            ? 'Added by you. It comes off before:
                                '.mb_strtolower($known[$machine->ownParts()->parts[$line->part]->inTheWayOf]->name ?? '').'.' :
                                ($line->own->isEmpty() ? 'As the handbook has it.' : 'Set right by you.') }}</p>
                    </div>
                    <div class="sheet__do">
                        @if (isset($machine->ownParts()->parts[$line->part]))
                            <form method="post" action="{{ route('parts.destroy', [$machine, $line->part]) }}">
                                @csrf @method('delete')<button class="push push--quiet"
                                aria-label="Take away: {{ $line->name }}">Take this part away</button></form>
                        @else
                        <a class="push push--quiet" href="{{ route('machines.apart.edit', [$machine, $line->part]) }}"
                            aria-label="Set right: {{ $line->name }}">Mine is different</a>
                        <a class="push push--quiet" href="{{ route('rounds.create', [$machine, 'part' => $line->part]) }}"
                            aria-label="A round for: {{ $line->name }}">A round for it</a>
                        @endif
                    </div>
                </li>
            @endforeach
        </ul>
        @if (! $lines)<p>Nothing comes off a machine like this.</p>@endif
        @if ($known)
            <details class="mt-3" @if ($errors->hasAny(['name', 'in_the_way_of', 'note'])) open @endif>
                <summary>Mine has a part that is not listed</summary>
                <form method="post" action="{{ route('parts.store', $machine) }}" class="mt-2">
                    @csrf
                    <x-form.field name="name" label="What do you call it?" maxlength="40" required/>
                    <div class="field">
                        <label class="form-label" for="f-in_the_way_of">It has to come off before</label>
                        <select class="form-select" id="f-in_the_way_of" name="in_the_way_of" @invalid('in_the_way_of')>
                            @foreach ($known as $line)<option value="{{ $line->part }}" @selected(old('in_the_way_of') === $line->part)>
                                {{ $line->name }}</option>@endforeach
                        </select>
                        <x-form.field-error name="in_the_way_of"/>
                    </div>
                    <x-form.piece-rows/>
                    <x-form.field name="note" label="How it comes off, or anything else to know" maxlength="200"/>
                    <button class="push">Add this part</button>
                </form>
            </details>
        @endif
    </section>
</x-layout>
