{{-- On a phone: one more of what is used most, where the thumb is. --}}
<div class="quick" role="group" aria-label="{{ __('today.quick') }}">
    @foreach ($data->mostUsed() as $care)
        <form method="post" action="/machines/{{ $care->machine->id }}/uses">
            <input type="hidden" name="_token" value="{{ csrf_token() }}">
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <button class="push"
                aria-label="{{ __('today.one_more', ['use' => $care->kind->useName, 'machine' => $care->machine->name]) }}">
                <span>{{ $care->machine->name }}</span> <strong>+1</strong></button>
        </form>
    @endforeach
</div>
