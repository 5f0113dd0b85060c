@props(['item'])
<li class="basket__line" data-tick="{{ $item->tick }}">
    <form method="post" action="{{ route('shopping.ticks') }}" class="basket__tick" data-ticks>
        @csrf
        <input type="hidden" name="id" value="{{ $item->tick }}">
        <input type="hidden" name="supply" value="{{ $item->supply }}">
        <input type="hidden" name="unit" value="{{ $item->unit }}">
        <button class="push basket__got">{{ __('places/cupboard.list.tick') }}<span class="visually-hidden">: {{
            $item->name }}</span></button>
        <span class="basket__what"><strong>{{ Str::ucfirst($item->name) }}</strong>, {{ $item->what }}
            @if ($item->price)<span class="muted small">{{ $item->price }}</span>@endif
            <span class="basket__ticked" hidden data-ticked>{{ __('places/cupboard.list.ticked') }}</span>
            @foreach ($item->notes as $note)<span class="muted small basket__note">{{ $note }}</span>@endforeach</span>
        <details class="no-print">
            <summary>{{ __('places/cupboard.list.details') }}<span class="visually-hidden">: {{ $item->name }}</span></summary>
            <div class="supply__fields">
                @foreach (['count' => [$item->count, 'numeric'], 'amount' => [$item->size + 0, 'decimal'], 'price' => ['', 'decimal'],
                    'shop' => ['', 'text']] as $name => [$value, $mode])
                    <x-cupboard.field :key="$item->tick" :name="$name" :value="$value" :mode="$mode" :unit="$item->unit"
                        :typed="old('id') === $item->tick"/>
                @endforeach
            </div>
        </details>
    </form>
    <form method="post" action="{{ route('cupboard') }}" class="no-print">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <input type="hidden" name="supply" value="{{ $item->supply }}">
        <input type="hidden" name="from" value="list">
        @if ($item->isUnsure)
            <input type="hidden" name="amount" value="{{ $item->size * $item->count }}">
            <input type="hidden" name="unit" value="{{ $item->unit }}">
            <button class="push push--quiet" name="what" value="left">{{ __('places/cupboard.list.have') }}<span
                class="visually-hidden">: {{ $item->name }}</span></button>
        @endif
        <button class="push push--quiet" name="what" value="unwish">{{ __('places/cupboard.unwish') }}<span class="visually-hidden">: {{
            $item->name }}</span></button>
    </form>
</li>
