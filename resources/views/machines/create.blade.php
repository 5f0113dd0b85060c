<x-layout title="Add a machine" place="kitchen">
    <form method="post" action="{{ route('machines.store') }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <input type="hidden" name="kind" value="{{ $kind->id }}">
        <div>
            <h1>{{ $data->questions() }} about your {{ mb_strtolower($kind->name) }}.</h1>
            <p class="muted mb-0">Don't know is a good answer: you are asked again when a round shows it.
                <a href="{{ route('machines.create') }}">Another machine?</a></p>
        </div>
        <section class="tile tile--asks">
            <x-form.machine-fields :kind="$kind" :later="false"/>
            <x-form.habit-fields :kind="$kind" :drawn="true"/>
            @if ($feels)
                <div class="field"><x-form.choice name="water" legend="How hard is your water?" hint="Look into your kettle."
                    :options="$feels"
                    drawing="water" :unknown="true"/></div>
            @endif
        </section>
        <details class="tile" @if ($errors->hasAny(['name', 'place', 'new_on', 'cleaned_on', 'cleaned', 'cleaned.*', 'habits.*',
            'schools.*', 'traits.*'])) open @endif>
            <summary>More, if you know it: its name, when it was last cleaned, how much it runs</summary>
            <div class="mt-3">
                <x-form.field name="name" label="What you call it, or what it says on the door" maxlength="60" :value="$name" required/>
                <x-form.field name="place" label="Where it stands (if you look after several)" maxlength="60"/>
                <x-form.history-fields :tasks="$kind->tasks()" :first="array_keys($kind->firstTasks([]))" :today="$today" :kind="$kind"/>
                <x-form.habit-fields :kind="$kind" :drawn="false"/>
                @if ($data->leavesSome())
                    <h2 class="mt-4">What a round shows you anyway</h2>
                    <x-form.machine-fields :kind="$kind" :later="true"/>
                @endif
            </div>
        </details>
        <button class="push push--main push--wide">Put it in the kitchen</button>
    </form>
</x-layout>
