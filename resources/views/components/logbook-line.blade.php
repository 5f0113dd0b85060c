@props(['line', 'handbook', 'people'])
@php($entry = $line->entry)
<div @class(['line', 'line--void' => $line->voidedBy])>
    <span class="line__sign">
        @if ($line->opening?->found)<x-swatch :grade="$handbook->nearestGrade($line->opening->found)" :size="34"/>@else<x-entry-sign :kind="$entry->kind->value"/>@endif
    </span>
    <span class="line__words">
        <span>{{ $line->words }}</span>
        <small>{{ App\View\Words\Dates::time($entry->happened_at, new DateTimeZone($entry->zone)) }} · {{ implode(' · ', array_filter([$entry->machine?->name, $people[$entry->recorded_by] ?? null, $line->voidedBy ? 'taken back' : null])) }}</small>
    </span>
    @if ($entry->voids === null)
        <form method="post" action="{{ route('entries.void', $line->voidedBy ?? $entry->id) }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <button class="push push--quiet" aria-label="{{ $line->voidedBy ? 'Bring back' : 'Undo' }}: {{ $line->words }}">{{ $line->voidedBy ? 'Bring back' : 'Undo' }}</button>
        </form>
    @endif
</div>
