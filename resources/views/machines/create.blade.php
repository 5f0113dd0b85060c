<x-layout :title="__('views/machines/create.add_a_machine')" place="kitchen">
    <form method="post" action="{{ route('machines.store') }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <input type="hidden" name="kind" value="{{ $kind->id }}">
        <div>
            <h1>{{ __('views/machines/create.about_your', ['questions' => $data->questions(),
                'kind' => mb_strtolower($kind->name)]) }}</h1>
            <p class="muted mb-0">{{ __('views/machines/create.dont_know_is_a_good_answer') }}
                <a href="{{ route('machines.create') }}">{{ __('views/machines/create.another_machine') }}</a></p>
        </div>
        <section class="tile tile--asks">
            <x-form.machine-fields :kind="$kind" :later="false"/>
            <x-form.habit-fields :kind="$kind" :drawn="true"/>
            @if ($feels)
                <div class="field"><x-form.choice name="water" :legend="__('views/machines/create.how_hard_is_your_water')"
                    :hint="__('views/machines/create.look_into_your_kettle')"
                    :options="$feels"
                    drawing="water" :unknown="true"/></div>
            @endif
        </section>
        <details class="tile" @if ($errors->hasAny(['name', 'place', 'new_on', 'cleaned_on', 'cleaned', 'cleaned.*', 'habits.*',
            'schools.*', 'traits.*'])) open @endif>
            <summary>{{ __('views/machines/create.more_if_you_know_it_its') }}</summary>
            <div class="mt-3">
                <x-form.field name="name" :label="__('views/machines/create.what_you_call_it_or_what')" maxlength="60"
                    :value="$name" required/>
                <x-form.field name="place" :label="__('views/machines/create.where_it_stands_if_you_look')" maxlength="60"/>
                <x-form.history-fields :tasks="$kind->tasks()" :first="array_keys($kind->firstTasks([]))" :today="$today" :kind="$kind"/>
                <x-form.habit-fields :kind="$kind" :drawn="false"/>
                @if ($data->leavesSome())
                    <h2 class="mt-4">{{ __('views/machines/create.what_a_round_shows_you_anyway') }}</h2>
                    <x-form.machine-fields :kind="$kind" :later="true"/>
                @endif
            </div>
        </details>
        <button class="push push--main push--wide">{{ __('views/machines/create.put_it_in_the_kitchen') }}</button>
    </form>
</x-layout>
