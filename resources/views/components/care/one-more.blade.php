@props(['care'])
{{-- One more use of a machine, counted. --}}
<form method="post" action="/machines/{{ $care->machine->id }}/uses">
    <input type="hidden" name="_token" value="{{ csrf_token() }}">
    <input type="hidden" name="id" value="{{ Str::ulid() }}">
    <button class="push"
        aria-label="{{ __('today.one_more', ['use' => $care->kind->useName, 'machine' => $care->machine->name]) }}">{{ $slot }}</button>
</form>
