@props(['care', 'procedure', 'main' => false])
<form method="post" action="/machines/{{ $care->machine->id }}/rounds">
    @csrf
    <input type="hidden" name="task" value="{{ $care->task()->id }}">
    <input type="hidden" name="procedure" value="{{ $procedure }}">
    <button @class(['push', 'push--wide', 'push--main' => $main, 'push--quiet' => ! $main])>{{ $slot }}</button>
</form>
