<x-layout :title="__('views/machines/kinds.add_a_machine')" place="kitchen">
    <div class="narrow stack">
        <h1>{{ __('views/machines/kinds.what_do_you_look_after') }}</h1>
        <ul class="kinds">
            @foreach ($kinds as $id => $name)
                <li><a class="push kind" href="{{ $id === App\Models\Machine::KITCHEN ? route('tasks.create', $id)
                    : route('machines.create', ['kind' => $id]) }}"><x-form.option-drawing
                    :name="$id"/><span>{{ $name }}</span></a></li>
            @endforeach
        </ul>
    </div>
</x-layout>
