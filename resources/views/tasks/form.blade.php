<x-layout :title="($task ? $task->title : 'A task of your own').': '.$data->machineName()" place="kitchen">
    <section class="tile narrow">
        <p class="muted mb-0"><a href="{{ $machine ? route('machines.show', $machine) : route('tasks.index') }}">{{ $data->machineName() }}
            </a></p>
        <h1>{{ $task ? 'Change: '.$task->title : 'A task of your own' }}</h1>
        <form method="post" action="{{ $task ? route('tasks.update', [$machine, $task->id]) : route('tasks.store') }}">
            @csrf
            @if ($task) @method('put') @else
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="machine" value="{{ $data->machineId() }}">
            @endif
            <x-form.field name="title" label="What do you call it?" :value="$task?->title" maxlength="60" required
                hint="Wipe the toe plate. Vacuum the coils."/>
            <div class="field">
                <label class="form-label" for="f-lines">What is done, one line for each step</label>
                <p class="hint" id="f-lines-hint">A round shows one step after the other. Write what can hurt into the step itself.</p>
                <textarea class="form-control" id="f-lines" name="lines" rows="6" required maxlength="6000"
                    @invalid('lines', 'f-lines-hint')>{{ $data->picked()['lines'] }}</textarea>
                <x-form.field-error name="lines"/>
            </div>
            <x-form.field name="minutes" label="Minutes of your hands" type="number" min="1" max="480" inputmode="numeric" required
                :value="$task?->minutes"/>
            <div class="field">
                <label class="form-label" for="f-every">Every</label>
                <div class="row g-2">
                    <div class="col-5"><input class="form-control" id="f-every" name="every" type="number" min="1" max="3650"
                        inputmode="numeric" required value="{{ is_scalar(old('every')) ? old('every') : $task?->every }}"
                            @invalid('every')></div>
                    <div class="col-7"><select class="form-select" name="unit" aria-label="Counted in" @invalid('unit')>
                        @foreach ($data->units() as $unit => $name)<option value="{{ $unit }}" @selected($data->picked()['unit']
                            === $unit)>{{ $name }}</option>@endforeach
                    </select></div>
                </div>
                <x-form.field-error name="every"/>
                <x-form.field-error name="unit"/>
            </div>
            @unless ($task)<x-form.field name="last_done" label="Last done on" type="date" :max="(string) $today"
                hint="Leave it empty when nobody knows."/>@endunless
            <details class="field" @if ($data->hasMore() || $errors->hasAny(['part', 'needs', 'scale'])) open @endif>
                <summary>More about it</summary>
                <x-form.field name="needs" label="Things to have within reach" :value="$data->needs()" maxlength="400"
                    hint="Commas between."/>
                <x-form.field name="part" label="What gets dirty?" :value="$task?->part" maxlength="40" hint="Toe plate. Coils. Bin."/>
                <div class="field">
                    <label class="form-label" for="f-scale">How is it judged?</label>
                    <p class="hint" id="f-scale-hint">With a scale the interval learns from how you find it.</p>
                    <select class="form-select" id="f-scale" name="scale" @invalid('scale', 'f-scale-hint')>
                        <option value="">It is only done</option>
                        @foreach ($data->scaleNames() as $id => $name)<option value="{{ $id }}" @selected($data->picked()['scale']
                            === $id)>{{ $name }}</option>@endforeach
                    </select>
                    <x-form.field-error name="scale"/>
                </div>
            </details>
            <p class="muted small">Nobody checks what you pour in a task of your own. Never put two cleaners in one after the other.</p>
            <p class="with-gap mt-3 mb-0"><button class="push push--main">Keep it</button><a class="push"
                href="{{ $machine ? route('machines.show', $machine) : route('tasks.index') }}">Leave it as it is</a></p>
        </form>
    </section>
    @if ($task && ! $task->ended)
        <form class="narrow mt-3" method="post" action="{{ route('tasks.destroy', [$machine, $task->id]) }}">
            @csrf @method('delete')
            <p class="muted small mb-1">Its entries stay in the logbook, and it can be taken up again.</p>
            <button class="push push--quiet">Give this task up</button>
        </form>
    @endif
</x-layout>
