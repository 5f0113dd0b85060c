<x-layout :title="$line->name.' '.__('views/machines/way.of_the').' '.$machine->name" place="kitchen">
    <section class="tile narrow">
        <p class="muted mb-0"><a href="{{ $round ? route('rounds.show', $round) : route('machines.apart', $machine) }}">{{ $round
            ? __('views/machines/way.back_to_the_round')
                : __('views/machines/way.how_the').' '.$machine->name.' '.__('views/machines/way.comes_apart') }}</a></p>
        <h1>{{ __('views/machines/way.what_is_different_on_yours', ['line' => $line->name]) }}</h1>
        <form method="post" action="{{ route('machines.apart.update', [$machine, $line->part]) }}" enctype="multipart/form-data">
            @csrf
            @method('PUT')
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            @if ($round)<input type="hidden" name="round" value="{{ $round->id }}">@endif
            @foreach ($asked as $trait)<x-form.trait-field :trait="$trait" :machine="$machine"/>@endforeach
            @foreach ($line->holding->pieces as $piece)
                @if (! $piece->countTrait && ! str_starts_with($piece->id, 'own-piece'))
                    <x-form.field :name="'counts['.$piece->id.']'"
                        :label="__('views/machines/way.how_many').' '.$piece->name.($piece->where ? ', '.$piece->where : '')"
                        type="number" min="0" max="40" inputmode="numeric" :value="$piece->count"/>
                @endif
            @endforeach
            <x-form.field name="loose" :label="__('views/machines/way.what_lies_loose_under_it')"
                :hint="__('views/machines/way.washer_bushing_gasket_commas_between_empty')"
                :value="implode(', ', $line->holding->loose)" maxlength="120"/>
            <x-form.piece-rows :pieces="$line->own->pieces"/>
            @if ($others)
                <fieldset class="field">
                    <legend class="form-label">{{ __('views/machines/way.what_has_to_come_off_before') }}</legend>
                    <input type="hidden" name="first_said" value="1">
                    @foreach ($others as $other)<label class="chip"><input type="checkbox" name="first[]" value="{{ $other->part }}"
                        @checked(in_array($other->part, (array) old('first', $before), true))
                            @invalid('first.*')> {{ $other->name }}</label>@endforeach
                    <x-form.field-error name="first.*"/>
                </fieldset>
            @endif
            <x-form.field name="way" :label="__('views/machines/way.which_way_round_does_it_go')" :value="$line->holding->way"
                maxlength="160"/>
            <div class="field">
                <label class="form-label" for="own-note">{{ __('views/machines/way.anything_else_to_know') }}</label>
                <textarea class="form-control" id="own-note" name="note" rows="3"
                    maxlength="400" @invalid('note')>{{ old('note', $line->own->note) }}</textarea>
                <x-form.field-error name="note"/>
            </div>
            <div class="field" x-data="photo">
                <x-page.words of="photo"/>
                <label class="push file"><span x-text="label">{{
                    __('views/machines/way.add_a_picture') }}</span><input type="file" name="photo"
                    accept="image/jpeg,image/png,image/webp" capture="environment" x-on:change="chosen" @invalid('photo')></label>
                <x-form.field-error name="photo"/>
            </div>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">{{ __('views/machines/way.keep_it') }}</button><a class="push"
                href="{{ $round ? route('rounds.show', $round) : route('machines.apart', $machine) }}">{{
                    __('views/machines/way.leave_it_as_it_is') }}</a></p>
        </form>
    </section>
</x-layout>
