@props(['care', 'handbook', 'today', 'count' => 4, 'size' => 56])
@php($openings = array_slice(array_values(array_filter($care->history->openings, fn ($opening) => $opening->found !== null)), -$count))
@if ($openings)
    <div>
        <h3>Found the last times</h3>
        <ul class="openings">
            @foreach ($openings as $opening)
                @php($grade = $handbook->scales()->scale($care->scale())->nearest($opening->found))
                <li><svg class="swatch swatch--{{ $size }}" aria-hidden="true"><use href="#grade-{{ $grade->id }}"/></svg>
                    <span>{{ $grade->name }}</span><span class="muted">{{ App\View\Words\Dates::short($opening->day) }}</span></li>
            @endforeach
        </ul>
    </div>
@endif
