<x-layout title="Add a machine" place="kitchen">
    <form method="post" action="{{ route('machines.store') }}" class="narrow stack">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <input type="hidden" name="kind" value="{{ $kind->id }}">
        <h1>Three questions about your {{ mb_strtolower($kind->name) }}.</h1>
        @if (count($kinds) > 1)
            <p class="with-gap">Or another machine: @foreach ($kinds as $id => $name)@if ($id !== $kind->id)<a class="push" href="{{ route('machines.create', ['kind' => $id]) }}">{{ $name }}</a>@endif @endforeach</p>
        @endif
        <section class="tile">
            <h2>1. What do you call it?</h2>
            <x-field name="name" label="A name, or what it says on the door" maxlength="60" required autofocus/>
            <x-field name="place" label="Where it stands (if you look after several)" maxlength="60"/>
        </section>
        @if ($kind->traits())
            <section class="tile">
                <h2>2. What is it like inside?</h2>
                <x-machine-fields :kind="$kind"/>
            </section>
        @endif
        <section class="tile">
            <h2>3. How hard does it work?</h2>
            <x-habit-fields :kind="$kind"/>
            <x-field name="cleaned_on" label="When was it last cleaned? Leave it empty if nobody knows." type="date" max="{{ $today }}"/>
        </section>
        <button class="push push--main push--wide">Put it in the kitchen</button>
    </form>
</x-layout>
