<x-layout :title="__('views/traces/create.something_is_wrong_with').' '.$machine->name" place="kitchen">
    <form method="post" action="{{ route('traces.store', $machine) }}" class="trace-note" enctype="multipart/form-data">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>{{ $task ? __('views/traces/create.what_points_to_it').' '.mb_strtolower($task->name()).'?'
            : __('views/traces/create.what_is_it_doing') }}</h1>
        @if ($task)
            <input type="hidden" name="task" value="{{ $task->id }}">
            <p class="muted">{{ __('views/traces/create.written_down_it_makes_the_job') }}</p>
        @endif
        @if ($machines->count() > 1)
            <nav class="filters" aria-label="{{ __('views/traces/create.machine') }}">
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
                        class="muted">{{ __('views/traces/create.last_time', ['last' => lcfirst($last['action']),
                            'last2' => $last['days'] < 1 ? __('views/traces/create.just_now')
                        : __('views/traces/create.held').' '.App\View\Words\Uses::counted($last['days'], 'days')])
                            }}</small>@endif</span></label>
                @endforeach
            </div>
            <x-form.field-error name="symptoms"/>
            <x-form.field-error name="symptoms.*"/>
        </section>
        <div class="trace-note__do">
            @if ($task)
                <button class="push push--main">{{ __('views/traces/create.write_it_down') }}</button>
                <button class="push" name="look" value="1">{{ __('views/traces/create.find_out_why') }}</button>
            @else
                <button class="push push--main" name="look" value="1">{{ __('views/traces/create.find_out_why') }}</button>
                <button class="push">{{ __('views/traces/create.just_write_it_down') }}</button>
            @endif
        </div>
        <details class="tile mt-3" @if ($errors->hasAny(['since', 'where', 'badly', 'display', 'photo'])) open @endif>
            <summary>{{ __('views/traces/create.where_since_when_how_bad') }}</summary>
            @if (view()->exists("components.form.zones-{$kind->id}"))
                <fieldset class="mt-3">
                    <legend>{{ __('views/traces/create.where_point_at_it') }}</legend>
                    <x-dynamic-component :component="'form.zones-'.$kind->id" :value="old('where')"/>
                </fieldset>
            @endif
            <div class="mt-3"><x-form.field name="since" :label="__('views/traces/create.since')" type="date" :value="(string) $today"
                :max="(string) $today"
                required/>
                </div>
            <x-form.field name="display" :label="__('traces.display')" :hint="__('traces.display_hint')" maxlength="80"
                autocomplete="off"/>
            <x-form.field name="photo" :label="__('views/traces/create.a_picture_of_it')" type="file"
                accept="image/jpeg,image/png,image/webp"/>
            <fieldset>
                <legend>{{ __('views/traces/create.how_bad') }}</legend>
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
