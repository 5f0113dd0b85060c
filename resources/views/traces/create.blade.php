<x-layout :title="'Something is wrong with '.$machine->name" place="kitchen">
    <form method="post" action="{{ route('traces.store', $machine) }}" class="trace-note" enctype="multipart/form-data">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>{{ $task ? 'What points to it: '.mb_strtolower($task->name()).'?' : 'What is it doing?' }}</h1>
        @if ($task)
            <input type="hidden" name="task" value="{{ $task->id }}">
            <p class="muted">Written down, it makes the job due today; once that is done you are asked whether it came from there.</p>
        @endif
        @if ($machines->count() > 1)
            <nav class="filters" aria-label="Machine">
                <x-page.machine-nav :machines="$machines" :current="$machine->id" :url="fn ($each) => route('traces.create', $each)"/>
            </nav>
        @endif
        <section class="tile">
            <div class="symptom-picks">
                @foreach ($symptoms as $symptom)
                    <label class="tick"><input type="checkbox" name="symptoms[]" value="{{ $symptom->id }}"
                        @checked(in_array($symptom->id, (array) old('symptoms'), true)
                        || (old('id') === null && in_array($symptom->light, $lit, true))) @invalid('symptoms')>
                        <span>{{ $symptom->name }}@if ($last = $fixed[$symptom->id] ?? null)<small
                        class="muted">last time: {{ lcfirst($last['action']) }}, {{ $last['days'] < 1 ? 'just now'
                        : 'held '.App\View\Words\Uses::counted($last['days'], 'days') }}</small>@endif</span></label>
                @endforeach
            </div>
            <x-form.field-error name="symptoms"/>
            <x-form.field-error name="symptoms.*"/>
        </section>
        <div class="trace-note__do">
            @if ($task)
                <button class="push push--main">Write it down</button>
                <button class="push" name="look" value="1">Find out why</button>
            @else
                <button class="push push--main" name="look" value="1">Find out why</button>
                <button class="push">Just write it down</button>
            @endif
        </div>
        <details class="tile mt-3" @if ($errors->hasAny(['since', 'where', 'badly', 'display', 'photo'])) open @endif>
            <summary>Where, since when, how bad</summary>
            @if (view()->exists("components.form.zones-{$kind->id}"))
                <fieldset class="mt-3">
                    <legend>Where? Point at it.</legend>
                    <x-dynamic-component :component="'form.zones-'.$kind->id" :value="old('where')"/>
                </fieldset>
            @endif
            <div class="mt-3"><x-form.field name="since" label="Since" type="date" :value="(string) $today" :max="(string) $today"
                required/>
                </div>
            <x-form.field name="display" :label="__('traces.display')" :hint="__('traces.display_hint')" maxlength="80" autocomplete="off"/>
            <x-form.field name="photo" label="A picture of it" type="file" accept="image/jpeg,image/png,image/webp"/>
            <fieldset>
                <legend>How bad?</legend>
                <div class="picks">
                    @foreach (__('traces.badly') as $id => $name)
                        <div class="pick"><input type="radio" id="p-badly-{{ $id }}" name="badly" value="{{ $id }}"
                            @checked(old('badly', 'annoying') === $id)><label for="p-badly-{{ $id }}">{{ $name }}</label></div>
                    @endforeach
                </div>
            </fieldset>
        </details>
    </form>
</x-layout>
