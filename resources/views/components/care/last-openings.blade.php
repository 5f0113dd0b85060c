@if ($openings)
    <div>
        <h3>Found the last times</h3>
        <ul class="openings">
            @foreach ($openings as $opening)
                <li><svg class="swatch swatch--{{ $size }}" aria-hidden="true"><use href="#grade-{{ $opening['grade']->id }}"/></svg>
                    <span>{{ $opening['grade']->name }}</span><span class="muted">{{ App\View\Words\Dates::short($opening['day']) }}</span>
                        </li>
            @endforeach
        </ul>
    </div>
@endif
