<x-layout title="Add a machine" place="kitchen">
    <div class="narrow stack">
        <h1>What do you look after?</h1>
        <ul class="kinds">
            @foreach ($kinds as $id => $name)
                <li><a class="push kind" href="{{ $id === App\Models\Machine::KITCHEN ? route('tasks.create', $id)
                    : route('machines.create', ['kind' => $id]) }}"><x-form.option-drawing
                    :name="$id"/><span>{{ $name }}</span></a></li>
            @endforeach
        </ul>
    </div>
</x-layout>
