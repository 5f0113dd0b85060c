@use('App\View\Words\Dates')
<x-layout title="What came before: {{ $machine->name }}" place="kitchen">
    <form method="post" action="{{ route('machines.before', $machine) }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <h1>What came before?</h1>
        <section class="tile">
            <p class="muted">Parts that were cleaned on different days: tell one day, then come back for the next.</p>
            <x-form.history-fields :tasks="array_map(fn ($task) => $task->task, $care->tasks)" :today="$today" :kind="$care->kind"
                :traits="$machine->traits"/>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">Write it down</button><a class="push push--quiet"
                href="{{ route('machines.show', $machine) }}">Back to {{ $machine->name }}</a></p>
        </section>
        <section class="tile">
            <h2>What is known so far</h2>
            <dl class="facts">
                @foreach ($care->tasks as $task)<dt>{{ $task->name() }}</dt><dd>
                    {{ $task->history->lastOpened() ? 'last on '.Dates::day($task->history->lastOpened(), $today) : 'nothing yet' }}</dd>
                    @endforeach
            </dl>
        </section>
    </form>
</x-layout>
