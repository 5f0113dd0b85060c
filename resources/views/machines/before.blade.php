@use('App\View\Words\Dates')
<x-layout :title="__('views/machines/before.what_came_before', ['machine' => $machine->name])" place="kitchen">
    <form method="post" action="{{ route('machines.before', $machine) }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <h1>{{ __('views/machines/before.what_came_before_2') }}</h1>
        <section class="tile">
            <p class="muted">{{ __('views/machines/before.parts_that_were_cleaned_on_different') }}</p>
            <x-form.history-fields :tasks="array_map(fn ($task) => $task->task(), $care->tasks)" :today="$today" :kind="$care->kind"
                :traits="$machine->traits"/>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">{{
                __('views/machines/before.write_it_down') }}</button><a class="push push--quiet"
                href="{{ route('machines.show', $machine) }}">{{
                    __('views/machines/before.back_to', ['machine' => $machine->name]) }}</a></p>
        </section>
        <section class="tile">
            <h2>{{ __('views/machines/before.what_is_known_so_far') }}</h2>
            <dl class="facts">
                @foreach ($care->tasks as $task)<dt>{{ $task->name() }}</dt><dd>
                    {{ $task->history()->lastOpened()
                        ? __('views/machines/before.last_on').' '.Dates::day($task->history()->lastOpened(), $today)
                            : __('views/machines/before.nothing_yet') }}</dd>
                    @endforeach
            </dl>
        </section>
    </form>
</x-layout>
