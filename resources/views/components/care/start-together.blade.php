@props(['machine', 'procedures', 'main' => false])
<form method="post" action="/machines/{{ $machine->id }}/rounds">
    @csrf
    @foreach ($procedures as $procedure)<input type="hidden" name="procedures[]" value="{{ $procedure }}">@endforeach
    <button @class(['push', 'push--wide', 'push--main' => $main])>{{ $slot }}</button>
</form>
