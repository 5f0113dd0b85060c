<fieldset class="swatches" x-data="grade" aria-labelledby="ask">
    @foreach ($grades as $grade)
        <div class="pick">
            <input type="radio" id="a-{{ $grade->id }}" name="answer" value="{{ $grade->id }}" required @checked($picked === $grade->id)
                aria-describedby="look-{{ $grade->id }}" data-preview="{{ $stepView->previews[$grade->id] ?? $grade->look }}"
                data-fraction="{{ $grade->fraction->value }}" x-on:change="show">
            <label for="a-{{ $grade->id }}"><x-drawing.swatch :grade="$grade" :size="72"/>{{ $grade->name }}<small aria-hidden="true"
                class="nums">{{ $loop->iteration }}</small></label>
            <span class="visually-hidden" id="look-{{ $grade->id }}">{{ $grade->look }}</span>
        </div>
    @endforeach
</fieldset>
@if ($unseen)
    <p class="mb-0"><label class="chip"><input type="radio" name="answer" value="{{ $unseen->id }}" @checked($picked === $unseen->id)>
        {{ $unseen->name }}</label></p>
@endif
<p class="preview" id="preview" aria-live="polite">{{ $stepView->previews[$stepView->answered?->answer] ?? '' }}</p>
