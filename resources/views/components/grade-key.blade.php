@props(['handbook'])
<section class="tile">
    <h2>The five meshes</h2>
    <p class="muted small">Hold the real one against these.</p>
    <ul class="clean-list grade-key">
        @foreach ($handbook->grades() as $grade)
            <li><svg class="swatch swatch--34" aria-hidden="true"><use href="#mesh-{{ $grade->id }}"/></svg><span><strong>{{ $grade->name }}</strong><br><span class="muted small">{{ $grade->look }}</span></span></li>
        @endforeach
    </ul>
</section>
