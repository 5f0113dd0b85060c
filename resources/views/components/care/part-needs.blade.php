@props(['lines'])
{{-- Parts that wait for a new one; nothing where none does. --}}
@if ($lines)
    <section class="tile">
        <h2>{{ __('views/components/care/part-needs.parts_needed') }}</h2>
        <ul class="clean-list rows">
            @foreach ($lines as $line)
                <li><a href="{{ route('machines.parts', [$line->machine, 'part' => $line->part]) }}">{{ $line->name }}</a>
                    <span class="muted">{{ $line->machine->name }}, {{ $line->state }}</span></li>
            @endforeach
        </ul>
    </section>
@endif
