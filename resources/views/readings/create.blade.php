<x-layout title="Readings of {{ $machine->name }}" place="kitchen">
    <h1>Bring in a table of readings.</h1>
    <form method="post" action="{{ route('readings.create', $machine) }}" enctype="multipart/form-data" class="tile reading-form"
        x-data="busy" @submit="start">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p>Comma-separated text, a header first. <code>when</code> is a day or a day and time; <code>total</code>
            is what the counter of {{ $machine->name }} showed, or <code>uses</code>
            how many {{ App\View\Words\Uses::unit($kind->useUnit) }} there were.</p>
        <pre class="small">when,total
2026-01-05 19:40,118
2026-01-12,124</pre>
        <x-form.field name="file" label="A file" type="file" accept=".csv,.txt,text/csv,text/plain"/>
        <div class="field">
            <label class="form-label" for="f-table">Or paste it</label>
            <textarea class="form-control" id="f-table" name="table" rows="6" spellcheck="false"
                @invalid('table')>{{ old('table') }}</textarea>
            <x-form.field-error name="table"/>
        </div>
        <label class="check-row mt-3"><input type="checkbox" name="replaced" value="1" @checked(old('replaced'))>
            The counter was replaced or set back: a lower number begins it anew</label>
        <p class="mt-4 mb-0 with-gap"><button class="push push--main">Look through it</button><a class="push push--quiet"
            href="{{ route('machines.show', $machine) }}">Back</a></p>
        <p class="muted small mt-2 mb-0">Nothing is written yet.</p>
        <p class="mt-3 mb-0" role="status" hidden :hidden="idle"><progress aria-label="Working through the lines"></progress>
            Working through the lines. Years of readings take a few seconds; nothing is written before all of them are read.</p>
    </form>
</x-layout>
