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
        <x-form.table-input :table="$table" :text="$text" words="purchases">
            @if ($table?->isCut)
                <p class="wrong">{{ __('exchange.purchases.cut', ['count' => App\Exchange\PurchaseTable::MOST - 1]) }}</p>
            @endif
            @if ($table?->good)
                <div class="table-scroll"><table class="plain">
                    @foreach (array_slice($table->good, 0, 12) as $line)
                        <tr><td>{{ Dates::day($line->day) }}</td><td>{{ $line->name }}</td><td>{{ $line->amount() }}</td>
                            <td>{{ $line->price() }}</td><td>{{ $line->shop() }}</td></tr>
                    @endforeach
                </table></div>
            @endif
        </x-form.table-input>
    </form>
</x-layout>
