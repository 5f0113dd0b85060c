@props(['before', 'after'])
<div class="compare" x-data="compare">
    <div class="compare__pictures">
        <img src="{{ route('photos.show', $before) }}" alt="{{ __('measures.jets.before') }}">
        <img class="compare__after" src="{{ route('photos.show', $after) }}" alt="{{ __('measures.jets.after') }}" x-ref="after">
    </div>
    <label class="layers__slide">{{ __('measures.grid.slider') }} <input type="range" min="0" max="100" value="50" x-ref="slider"
        x-on:input="slide"></label>
</div>
