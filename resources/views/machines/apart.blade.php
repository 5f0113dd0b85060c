<x-layout :title="'How the '.$machine->name.' comes apart'" place="kitchen">
    <section class="tile">
        <p class="muted mb-0"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>How it comes apart.</h1>
        <p class="step__say">What the handbook says of a machine like yours, and what you set right. Rounds, kit list, tray and door card all follow this page.</p>
        <ul class="clean-list sheet">
            @foreach ($lines as $line)
                <li class="sheet__line" id="{{ $line->part }}">
                    <x-hold :by="$line->holding->by"/>
                    <div>
                        <h2>{{ $line->name }}</h2>
                        @if ($line->lines)<p>{{ implode(' ', array_map(fn ($each) => rtrim($each, '.').'.', $line->lines)) }}</p>@endif
                        @if ($line->comesAlong())<p>Comes along: <strong>{{ implode(', ', $line->inFull()) }}</strong>.</p>@endif
                        @if ($line->holding->way)<p>{{ $line->holding->way }}</p>@endif
                        @foreach ($line->holding->cautions as $caution)<p class="hazard small">{{ $handbook->caution($caution)->title }}.</p>@endforeach
                        @if ($line->own->note)<p class="own-note">“{{ $line->own->note }}”</p>@endif
                        @if ($line->own->photo)<div class="photos"><img src="{{ route('photos.show', $line->own->photo) }}" alt="Your picture of how the {{ mb_strtolower($line->name) }} is held"></div>@endif
                        <p class="muted small mb-0">{{ $line->own->isEmpty() ? 'As the handbook has it.' : 'Set right by you.' }}</p>
                    </div>
                    <div class="sheet__do">
                        <a class="push push--quiet" href="{{ route('machines.apart.edit', [$machine, $line->part]) }}" aria-label="Set right: {{ $line->name }}">Mine is different</a>
                        <a class="push push--quiet" href="{{ route('rounds.create', [$machine, 'part' => $line->part]) }}" aria-label="A round for: {{ $line->name }}">A round for it</a>
                    </div>
                </li>
            @endforeach
        </ul>
        @if (! $lines)<p>Nothing comes off a machine like this.</p>@endif
    </section>
</x-layout>
