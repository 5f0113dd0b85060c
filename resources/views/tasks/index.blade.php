<x-layout title="Tasks of your own" place="kitchen">
    <h1>Tasks of your own.</h1>
    <div class="two-tiles">
        <section class="tile" aria-labelledby="where">
            <h2 id="where">What is the new one for?</h2>
            <ul class="clean-list rows">
                @foreach ($machines as $machine)<li><a class="row-link" href="{{ route('tasks.create', $machine->id) }}">
                    <span><strong>{{ $machine->name }}</strong>@if ($machine->place) <span class="muted">{{ $machine->place }}</span>@endif
                    </span></a></li>@endforeach
                @unless ($data->hasKitchen())<li><a class="row-link" href="{{ route('tasks.create', App\Models\Machine::KITCHEN) }}">
                    <span><strong>The kitchen itself</strong> <span class="muted">Worktop, bin, fridge, drain</span></span></a></li>
                    @endunless
            </ul>
        </section>
        <section class="tile" aria-labelledby="there">
            <h2 id="there">{{ $data->count() ? 'These are there' : 'None so far' }}</h2>
            @if ($data->count() === 0)<p class="mb-0">A task of your own has a date, steps and a logbook like every other.</p>@endif
            @foreach ($machines as $machine)
                @foreach ($machine->ownTasks()->tasks as $task)
                    <div class="told">
                        <p class="mb-0"><strong>{{ $task->title }}</strong>
                            <small class="muted d-block">{{ $machine->name }}. {{ $task->ended ? 'You gave it up.' : $data->about($task) }}
                                </small></p>
                        @if ($task->ended)
                            <form method="post" action="{{ route('tasks.resume', [$machine, $task->id]) }}">@csrf
                                <button class="push" aria-label="Take up again: {{ $task->title }}">Take it up again</button></form>
                        @else
                            <a class="push" href="{{ route('tasks.edit', [$machine, $task->id]) }}"
                                aria-label="Change: {{ $task->title }}">Change it</a>
                        @endif
                    </div>
                @endforeach
            @endforeach
        </section>
    </div>
</x-layout>
