<x-layout :title="__('places/retired.title', ['name' => $machine->name])" place="kitchen">
    <div class="narrow stack">
        <p class="mb-1"><a href="{{ route('machines.show', $machine) }}">{{ $machine->name }}</a></p>
        <h1>{{ __('places/retired.head', ['name' => $machine->name]) }}</h1>
        <p>{{ __('places/retired.line') }}</p>
        <form method="post" action="{{ route('machines.retire', $machine) }}" class="tile">
            @csrf
            <fieldset>
                <legend>{{ __('places/retired.how') }}</legend>
                <div class="picks">
                    @foreach (__('places/retired.way') as $way => $name)
                        <div class="pick"><input type="radio" id="how-{{ $way }}" name="how" value="{{ $way }}" required
                            @checked(old('how') === $way) @invalid('how')><label for="how-{{ $way }}">{{ $name }}</label></div>
                    @endforeach
                </div>
                <x-form.field-error name="how"/>
            </fieldset>
            <x-form.field name="on" :label="__('places/retired.on')" type="date" :value="(string) $today" :max="(string) $today" required/>
            <p class="with-gap mt-4 mb-0"><button class="push push--main">{{ __('places/retired.do') }}</button><a class="push push--quiet"
                href="{{ route('machines.show', $machine) }}">{{ __('places/retired.back') }}</a></p>
        </form>
        <x-machine.papers :machine="$machine"/>
    </div>
</x-layout>
