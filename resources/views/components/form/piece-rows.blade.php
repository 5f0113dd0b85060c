<fieldset class="field">
    <legend class="form-label">{{ __('views/components/form/piece-rows.other_small_pieces_that_come_off') }}</legend>
    @foreach ($rows as $i => $row)
        <div class="row g-2 mb-2">
            <div class="col-8"><label class="visually-hidden" for="more-{{ $i }}-name">{{
                __('views/components/form/piece-rows.piece', ['i' => $i + 1]) }}</label><input class="form-control"
                id="more-{{ $i }}-name" name="more[{{ $i }}][name]" maxlength="40" placeholder="{{
                    __('views/components/form/piece-rows.spring') }}"
                value="{{ $row['name'] }}" @invalid("more.$i.name")></div>
            <div class="col-4"><label class="visually-hidden" for="more-{{ $i }}-count">{{
                __('views/components/form/piece-rows.how_many_of_piece', ['i' => $i + 1]) }}</label><input
                class="form-control nums" id="more-{{ $i }}-count" name="more[{{ $i }}][count]" type="number" inputmode="numeric" min="0"
                max="40" placeholder="1" value="{{ $row['count'] }}" @invalid("more.$i.count")></div>
        </div>
        <x-form.field-error :name="'more.'.$i.'.count'" :label="__('views/components/form/piece-rows.how_many_of_piece_2').' '.($i + 1)"/>
        <x-form.field-error :name="'more.'.$i.'.name'" :label="__('views/components/form/piece-rows.piece_2').' '.($i + 1)"/>
    @endforeach
</fieldset>
