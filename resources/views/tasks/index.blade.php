<x-layout :title="__('views/tasks/index.tasks_of_your_own')" place="kitchen">
    <h1>{{ __('views/tasks/index.tasks_of_your_own_2') }}</h1>
    <div class="two-tiles">
        <section class="tile" aria-labelledby="where">
            <h2 id="where">{{ __('views/tasks/index.what_is_the_new_one_for') }}</h2>
            <ul class="clean-list rows">
                @foreach ($machines as $machine)<li><a class="row-link" href="{{ route('tasks.create', $machine->id) }}">
                    <span><strong>{{ $machine->name }}</strong>@if ($machine->place) <span
                        class="muted">{{ $machine->place }}</span>@endif
                    </span></a></li>@endforeach
                @unless ($data->hasKitchen())<li><a class="row-link" href="{{ route('tasks.create', App\Models\Machine::KITCHEN) }}">
                    <span><strong>{{ __('views/tasks/index.the_kitchen_itself') }}</strong> <span class="muted">{{
                        __('views/tasks/index.worktop_bin_fridge_drain') }}</span></span></a></li>
                    @endunless
            </ul>
        </section>
        <section class="tile" aria-labelledby="there">
            <h2 id="there">{{ $data->count() ? __('views/tasks/index.these_are_there') : __('views/tasks/index.none_so_far') }}</h2>
            @if ($data->count() === 0)<p class="mb-0">{{ __('views/tasks/index.a_task_of_your_own_has') }}</p>@endif
            @foreach ($machines as $machine)
                @foreach ($machine->ownTasks()->tasks as $task)
                    <div class="told">
                        <p class="mb-0"><strong>{{ $task->title }}</strong>
                            <small class="muted d-block">{{ $machine->name }}. {{ $task->ended
                                ? __('views/tasks/index.you_gave_it_up') : $data->about($task) }}
                                </small></p>
                        @if ($task->ended)
                            <form method="post" action="{{ route('tasks.resume', [$machine, $task->id]) }}">@csrf
                                <button class="push" aria-label="{{
                                    __('views/tasks/index.take_up_again', ['title' => $task->title]) }}">{{
                                        __('views/tasks/index.take_it_up_again') }}</button></form>
                        @else
                            <a class="push" href="{{ route('tasks.edit', [$machine, $task->id]) }}"
                                aria-label="{{ __('views/tasks/index.change', ['title' => $task->title]) }}">{{
                                    __('views/tasks/index.change_it') }}</a>
                        @endif
                    </div>
                @endforeach
            @endforeach
        </section>
    </div>
</x-layout>
