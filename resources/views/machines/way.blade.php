<x-layout :title="$line->name.' of the '.$machine->name" place="kitchen">
    <section class="tile narrow">
        <p class="muted mb-0"><a href="{{ $round ? route('rounds.show', $round) : route('machines.apart', $machine) }}">{{ $round
            ? 'Back to the round' : 'How the '.$machine->name.' comes apart' }}</a></p>
        <h1>{{ $line->name }}: what is different on yours?</h1>
        <form method="post" action="{{ route('machines.apart.update', [$machine, $line->part]) }}" enctype="multipart/form-data">
            @csrf
            @method('PUT')
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            @if ($round)<input type="hidden" name="round" value="{{ $round->id }}">@endif
            @foreach ($asked as $trait)<x-form.trait-field :trait="$trait" :machine="$machine"/>@endforeach
            @foreach ($line->holding->pieces as $piece)
                @if (! $piece->countTrait && ! str_starts_with($piece->id, 'own-piece'))
                    <x-form.field :name="'counts['.$piece->id.']'"
                        :label="'How many: '.$piece->name.($piece->where ? ', '.$piece->where : '')"
                        type="number" min="0" max="40" inputmode="numeric" :value="$piece->count"/>
                @endif
            @endforeach
            <x-form.field name="loose" label="What lies loose under it?" hint="Washer, bushing, gasket; commas between. Empty for nothing."
                :value="implode(', ', $line->holding->loose)" maxlength="120"/>
            <x-form.piece-rows :pieces="$line->own->pieces"/>
            @if ($others)
                <fieldset class="field">
                    <legend class="form-label">What has to come off before it?</legend>
                    <input type="hidden" name="first_said" value="1">
                    @foreach ($others as $other)<label class="chip"><input type="checkbox" name="first[]" value="{{ $other->part }}"
                        @checked(in_array($other->part, (array) old('first', $before), true))
                            @invalid('first.*')> {{ $other->name }}</label>@endforeach
                    <x-form.field-error name="first.*"/>
                </fieldset>
            @endif
            <x-form.field name="way" label="Which way round does it go?" :value="$line->holding->way" maxlength="160"/>
            <div class="field">
                <label class="form-label" for="own-note">Anything else to know</label>
                <textarea class="form-control" id="own-note" name="note" rows="3"
                    maxlength="400" @invalid('note')>{{ old('note', $line->own->note) }}</textarea>
                <x-form.field-error name="note"/>
            </div>
            <div class="field" x-data="photo">
                <label class="push file"><span x-text="label">Add a picture</span><input type="file" name="photo"
                    accept="image/jpeg,image/png,image/webp" capture="environment" x-on:change="chosen" @invalid('photo')></label>
                <x-form.field-error name="photo"/>
            </div>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">Keep it</button><a class="push"
                href="{{ $round ? route('rounds.show', $round) : route('machines.apart', $machine) }}">Leave it as it is</a></p>
        </form>
    </section>
</x-layout>
