@props(['scale', 'title'])
<section class="tile">
    <h2>{{ $title }}</h2>
    <ul class="clean-list grade-key">
        @foreach ($scale->grades as $grade)
            <li><svg class="swatch swatch--34" aria-hidden="true"><use href="#grade-{{ $grade->id }}"/></svg>
                <span><strong>{{ $grade->name }}</strong><br><span class="muted small">{{ $grade->look }}</span></span></li>
        @endforeach
    </ul>
</section>
