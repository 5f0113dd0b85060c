@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@use('GoodRinse\Core\Quantity\Day')
<x-layout title="Readings of {{ $machine->name }}" place="kitchen">
    <h1>{{ $file->good ? Str::ucfirst(trans_choice('readings.good', count($file->good), ['count' => count($file->good)])).($bad
        ? ', '.trans_choice('readings.not', count($bad), ['count' => count($bad)]) : '').'.' : ($asks ? 'How is it written?'
        : 'None of these lines can be used.') }}</h1>
    <div class="two-tiles">
        @if ($bad)
            <section class="tile">
                <h2>Left out</h2>
                <ul class="clean-list">@foreach ($bad as $line => $why)<li><strong>Line {{ $line }}:</strong> {{ $why }}</li>@endforeach
                    </ul>
            </section>
        @endif
        @if ($first)
            <section class="tile">
                <h2>To be written</h2>
                <table class="plain">
                    <thead><tr><th scope="col">Line</th><th scope="col">When</th><th scope="col">
                        {{ $file->column === 'total' ? 'Total' : 'Uses' }}</th></tr></thead>
                    <tbody>@foreach ($first as $line => [$at, $number])<tr><td>{{ $line }}</td><td>
                        {{ Dates::day(Day::at($at, $household->zone())) }}, {{ Dates::time($at, $household->zone()) }}</td><td>
                        {{ rtrim(rtrim(number_format($number, 9, '.', ''), '0'), '.') }}</td></tr>@endforeach</tbody>
                </table>
                @if ($more)<p class="muted small">And {{ $more }} more.</p>@endif
            </section>
        @endif
    </div>
    <form method="post" action="{{ route('readings.create', $machine) }}" class="tile mt-3" x-data="busy" @submit="start">
        @csrf
        <input type="hidden" name="id" value="{{ $id }}">
        @foreach (array_diff_key($told, array_flip(array_column($asks, 0))) as $field => $value)<input type="hidden" name="{{ $field }}"
            value="{{ $value }}">@endforeach
        @foreach ($asks as [$field, $answers])
            <fieldset class="field">
                <legend class="form-label">{{ __("readings.asks.$field") }}</legend>
                @foreach ($answers as $answer)<label class="with-gap"><input type="radio" name="{{ $field }}" value="{{ $answer }}"
                    required> {{ __("readings.asks.$answer") }}</label>@endforeach
            </fieldset>
        @endforeach
        <div class="field">
            <label class="form-label" for="f-table">{{ $bad ? 'Put it right here, or go on without those lines' : 'The table' }}</label>
            <textarea class="form-control" id="f-table" name="table" rows="6" spellcheck="false">{{ $table }}</textarea>
        </div>
        <label class="check-row mt-3"><input type="checkbox" name="replaced" value="1" @checked($replaced)>
            The counter was replaced or set back: a lower number begins it anew</label>
        <p class="mt-3 mb-0 with-gap">
            @if ($file->good)<button class="push push--main" name="sure"
                value="1">Write {{ trans_choice('readings.lines', count($file->good), ['count'
                => count($file->good)]) }} down</button>@endif
            <button class="push">Look again</button>
            <a class="push push--quiet" href="{{ route('machines.show', $machine) }}">Write nothing</a>
        </p>
        <p class="mt-3 mb-0" role="status" hidden :hidden="idle"><progress aria-label="Working through the lines"></progress>
            Working through the lines. Years of readings take a few seconds; nothing is written before all of them are read.</p>
    </form>
</x-layout>
