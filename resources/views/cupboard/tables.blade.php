@use('App\View\Words\Dates')
<x-layout :title="__('exchange.purchases.title')" place="kitchen">
    <h1>{{ __('exchange.purchases.title') }}</h1>
    <section class="tile mb-3">
        <h2>{{ __('exchange.purchases.out') }}</h2>
        <ul class="clean-list rows">@foreach (['purchases', 'stock', 'costs'] as $name)<li><a href="{{ route('purchases.csv', $name) }}">{{
            __("exchange.purchases.table.$name") }}</a></li>@endforeach</ul>
    </section>
    <form class="tile" method="post" action="{{ route('purchases') }}" enctype="multipart/form-data">
        @csrf
        <h2>{{ __('exchange.purchases.in') }}</h2>
        @if (! $table)
            <p>{{ __('exchange.purchases.line') }}</p>
            <pre class="small">{{ __('exchange.purchases.example') }}</pre>
            <x-form.field name="file" :label="__('exchange.past.file')" type="file" accept=".csv,.txt,.tsv,text/csv,text/plain"/>
        @else
            <div class="row g-3">
                @foreach ($table->columns as $column => $place)
                    <div class="col-6 col-md-3 field">
                        <label class="form-label" for="f-column-{{ $column }}">{{ __("exchange.purchases.column.$column") }}</label>
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
            @if ($table->isCut)
                <p class="wrong">{{ __('exchange.purchases.cut', ['count' => App\Exchange\PurchaseTable::MOST - 1]) }}</p>
            @endif
            @if ($table->good)
                <div class="table-scroll"><table class="plain">
                    @foreach (array_slice($table->good, 0, 12) as $line)
                        <tr><td>{{ Dates::day($line->day) }}</td><td>{{ $line->name }}</td><td>{{ $line->amount() }}</td>
                            <td>{{ $line->price() }}</td><td>{{ $line->shop() }}</td></tr>
                    @endforeach
                </table></div>
                @if (count($table->good) > 12)
                    <p class="muted small">{{ __('exchange.past.more', ['count' => count($table->good) - 12]) }}</p>
                @endif
            @endif
            @if ($table->bad)
                <p class="mt-3 mb-1"><strong>{{ trans_choice('exchange.past.bad', count($table->bad)) }}</strong></p>
                <ul>@foreach (array_slice($table->bad, 0, 20, true) as $number => $why)
                    <li>{{ __('exchange.past.in_line', ['number' => $number]) }} {{ $why }}</li>@endforeach</ul>
            @endif
        @endif
        <div class="field">
            <label class="form-label" for="f-table">{{ __($table ? 'exchange.past.text' : 'exchange.past.paste') }}</label>
            <textarea class="form-control" id="f-table" name="table" rows="8" spellcheck="false">{{ old('table', $text) }}</textarea>
            @error('table')<p class="wrong">{{ $message }}</p>@enderror
        </div>
        <div class="with-gap mt-4">
            @if ($table?->good)<button class="push push--main" name="sure" value="1">{{ __('exchange.purchases.write') }}</button>@endif
            <button @class(['push', 'push--main' => ! $table?->good])>{{ __('exchange.past.look') }}</button>
        </div>
        <p class="muted small mt-2 mb-0">{{ __('exchange.past.nothing_yet') }}</p>
    </form>
</x-layout>
