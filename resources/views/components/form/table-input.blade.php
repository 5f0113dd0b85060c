@props(['table', 'text', 'words', 'most' => 12, 'bad' => 20])
{{-- A table to bring in: a file or pasted text, its columns to be matched, what of it can be used, and what cannot. --}}
@if (! $table)
    <p>{{ __("exchange.$words.line") }}</p>
    <pre class="small">{{ __("exchange.$words.example") }}</pre>
    <x-form.field name="file" :label="__('exchange.past.file')" type="file" accept=".csv,.txt,.tsv,text/csv,text/plain"/>
@else
    <div class="row g-3">
        @foreach ($table->columns as $column => $place)
            <div class="col-6 col-md-3 field">
                <label class="form-label" for="f-column-{{ $column }}">{{ __("exchange.$words.column.$column") }}</label>
                <select class="form-select" id="f-column-{{ $column }}" name="column[{{ $column }}]">
                    <option value="">{{ __('exchange.past.no_column') }}</option>
                    @foreach ($table->header as $i => $name)
                        <option value="{{ $i }}" @selected($place === $i)>{{ $name }}</option>
                    @endforeach
                </select>
            </div>
        @endforeach
    </div>
    <p class="mt-3"><strong>{{ trans_choice('exchange.past.good', count($table->good)) }}</strong></p>
    {{ $slot }}
    @if (count($table->good) > $most)
        <p class="muted small">{{ __('exchange.past.more', ['count' => count($table->good) - $most]) }}</p>
    @endif
    @if ($table->bad)
        <p class="mt-3 mb-1"><strong>{{ trans_choice('exchange.past.bad', count($table->bad)) }}</strong></p>
        <ul>
            @foreach (array_slice($table->bad, 0, $bad, true) as $number => $why)
                <li>{{ __('exchange.past.in_line', ['number' => $number]) }} {{ $why }}</li>
            @endforeach
        </ul>
    @endif
@endif
<div class="field">
    <label class="form-label" for="f-table">{{ __($table ? 'exchange.past.text' : 'exchange.past.paste') }}</label>
    <textarea class="form-control" id="f-table" name="table" rows="8" spellcheck="false"
        @invalid('table')>{{ old('table', $text) }}</textarea>
    <x-form.field-error name="table"/>
</div>
<div class="with-gap mt-4">
    @if ($table?->good)<button class="push push--main" name="sure" value="1">{{ __("exchange.$words.write") }}</button>@endif
    <button @class(['push', 'push--main' => ! $table?->good])>{{ __('exchange.past.look') }}</button>
</div>
<p class="muted small mt-2 mb-0">{{ __('exchange.past.nothing_yet') }}</p>
