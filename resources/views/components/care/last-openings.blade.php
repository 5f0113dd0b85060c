@if ($openings)
    <div>
        <h3>{{ __('views/components/care/last-openings.found_the_last_times') }}</h3>
        <ul class="openings">
            @foreach ($openings as $opening)
                <li><svg class="swatch swatch--{{ $size }}" aria-hidden="true"><use href="#grade-{{ $opening['grade']->id }}"/></svg>
                    <span>{{ $opening['grade']->name }}</span><span
                        class="muted">{{ App\View\Words\Dates::short($opening['day'], $today) }}</span>
                        </li>
            @endforeach
        </ul>
    </div>
@endif
