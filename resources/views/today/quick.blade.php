{{-- On a phone: one more of what is used most, where the thumb is. --}}
<div class="quick" role="group" aria-label="{{ __('today.quick') }}">
    @foreach ($data->mostUsed() as $care)
        <x-care.one-more :care="$care"><span>{{ $care->machine->name }}</span> <strong>+1</strong></x-care.one-more>
    @endforeach
</div>
