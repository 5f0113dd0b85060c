@props(['care', 'procedure', 'main' => false])
<form method="post" action="{{ route('rounds.store', $care->machine) }}">
    @csrf
    <input type="hidden" name="task" value="{{ $care->task->id }}">
    <input type="hidden" name="procedure" value="{{ $procedure }}">
    <button @class(['push', 'push--wide', 'push--main' => $main, 'push--quiet' => ! $main])>{{ $slot }}</button>
</form>
