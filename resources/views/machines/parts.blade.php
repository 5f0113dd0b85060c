@use('App\View\Words\Dates')
<x-layout title="Parts of {{ $machine->name }}" place="kitchen">
    <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
    <h1>{{ $needs ? 'Parts that wait for a new one.' : 'No part waits for a new one.' }}</h1>
    <div class="two-tiles">
        <div class="stack">
            @foreach ($needs as $part => $need)
                <section class="tile" aria-labelledby="need-{{ $part }}">
                    <h2 id="need-{{ $part }}">{{ $names[$part] }}</h2>
                    <p>{{ $data->state($need) }}.</p>
                    @if ($need->note)<p class="own-note">“{{ $need->note }}”</p>@endif
                    @if ($next = $data->next($need))
                        <form method="post" action="{{ route('machines.parts.need', $machine) }}">
                            @csrf
                            <input type="hidden" name="id" value="{{ Str::ulid() }}">
                            <input type="hidden" name="part" value="{{ $part }}">
                            @unless ($need->number)<x-form.field name="number" label="Part number" maxlength="60"
                                hint="In the manual, or at the maker by the model on the rating label."/>@endunless
                            <p class="with-gap mt-3 mb-0">@foreach ($next as $stage => $words)<button @class(['push', 'push--main'
                                => $loop->first]) name="stage" value="{{ $stage }}">{{ $words }}</button>@endforeach</p>
                        </form>
                    @endif
                    <form method="post" action="{{ route('machines.parts.fitted', $machine) }}" class="mt-3">
                        @csrf
                        <input type="hidden" name="id" value="{{ Str::ulid() }}">
                        <input type="hidden" name="part" value="{{ $part }}">
                        <x-form.field name="price" label="What it cost, if you want to keep it" type="number" min="0" step="any"
                            inputmode="decimal"/>
                        <x-form.field name="warranty" label="Its warranty ends, if it has one" type="date"/>
                        <p class="mt-3 mb-0"><button class="push">A new one is fitted</button></p>
                    </form>
                </section>
            @endforeach
            <form method="post" action="{{ route('machines.parts.need', $machine) }}" class="tile">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <h2>A part is worn</h2>
                <div class="field">
                    <label class="form-label" for="f-part">Which one?</label>
                    <select class="form-select" id="f-part" name="part" required @invalid('part')>
                        @if ($picked === '')<option value="">Pick one</option>@endif
                        @foreach ($names as $id => $name)<option value="{{ $id }}" @selected(old('part', $picked)
                            === $id)>{{ $name }}</option>@endforeach
                    </select>
                    <x-form.field-error name="part"/>
                </div>
                <x-form.field name="note" label="What you see" maxlength="200" hint="A torn edge, a bent blade, a broken stop."/>
                <p class="with-gap mt-3 mb-0"><button class="push push--main" name="stage" value="worn">It is worn</button>
                    <button class="push" name="stage" value="to-order">It is to be ordered</button></p>
            </form>
        </div>
        <div class="stack">
            <section class="tile">
                <h2>For the order</h2>
                <dl class="facts">
                    <dt>Model</dt><dd>{{ $machine->model ?? 'not known yet' }}</dd>
                    <dt>Serial number</dt><dd>{{ $machine->serial ?? 'not known yet' }}</dd>
                    <dt>Bought</dt><dd>{{ $machine->bought_on ? Dates::day($machine->boughtOn(), $today) : 'not known yet' }}</dd>
                    <dt>Warranty until</dt><dd>{{ $machine->warranty_until ? Dates::day($machine->warrantyUntil(), $today)
                        : 'not known yet' }}</dd>
                </dl>
                <p class="small mt-3">Under warranty the maker comes first. In rented rooms the landlord does.</p>
                <p class="mb-0"><a class="push"
                    href="{{ route('machines.edit', $machine) }}">{{ $machine->model ? 'Change this' : 'Fill this in' }}</a></p>
            </section>
            <section class="tile" aria-labelledby="papers">
                <h2 id="papers">Manual and receipt</h2>
                @foreach ($documents as $document)
                    <div class="told">
                        <p class="mb-0"><a href="{{ route('documents.show', $document) }}">{{ $document->name }}</a>
                            <small class="muted d-block">{{ Str::ucfirst($data->about($document)) }}</small></p>
                        <form method="post" action="{{ route('documents.destroy', $document) }}">@csrf @method('delete')<button
                            class="push push--quiet" aria-label="Remove {{ $document->name }}">Remove</button></form>
                    </div>
                @endforeach
                <form method="post" action="{{ route('machines.documents', $machine) }}" enctype="multipart/form-data" class="mt-3">
                    @csrf
                    <input type="hidden" name="id" value="{{ Str::ulid() }}">
                    <x-form.field name="file" label="A file" type="file" accept="application/pdf,image/jpeg,image/png,image/webp"
                        hint="A PDF or a picture, 12 MB at most."/>
                    <p class="with-gap mt-3 mb-0">@foreach (App\Models\Document::KINDS as $kind)<button class="push" name="kind"
                        value="{{ $kind }}">Keep as {{ __("machines.document.$kind") }}</button>@endforeach</p>
                </form>
            </section>
            @if ($fitted)
                <section class="tile">
                    <h2>Fitted before</h2>
                    @foreach ($fitted as [$day, $words])<p class="mb-1">{{ Dates::day($day, $today) }}: {{ $words }}</p>@endforeach
                </section>
            @endif
        </div>
    </div>
</x-layout>
