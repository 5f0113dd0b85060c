<x-layout title="Nobody at home" place="rhythm">
    @if (! $machines)
        <x-care.first-machine/>
    @else
    <h1>Nobody at home for a while?</h1>
    <form method="post" action="{{ route('away') }}" class="narrow tile">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p>Clocks that count loads, brews or hours stand still, and so do days of soil. Mould grows on: the seal and the sump keep their
            days. Nobody is reminded meanwhile.</p>
        <div class="row g-3">
            <div class="col-6"><x-form.field name="from" label="From" type="date" :value="(string) $today" required/></div>
            <div class="col-6"><x-form.field name="to" label="To, that day too" type="date" :value="(string) $today->plus(13)" required/>
                </div>
        </div>
        <fieldset class="mt-4">
            <legend>Which machines stand still?</legend>
            @foreach ($machines as $care)
                <label class="check-row"><input type="checkbox" name="machines[]" value="{{ $care->machine->id }}"
                    @checked(old('machines') === null || in_array($care->machine->id, (array) old('machines'), true))>
                    {{ $care->machine->name }}{{ $care->machine->place ? ', '.$care->machine->place : '' }}</label>
            @endforeach
            <x-form.field-error name="machines"/>
        </fieldset>
        <div class="mt-3"><x-form.field name="reason" label="What for? (if you like)" maxlength="120"/></div>
        <p class="mt-4 mb-0 with-gap"><button class="push push--main">Let them rest</button><a class="push push--quiet"
            href="{{ route('today') }}">Back</a></p>
        <p class="muted small mt-3 mb-0">Back early? Say so on Today; the dates follow.</p>
    </form>
    @endif
</x-layout>
