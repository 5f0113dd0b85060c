<x-layout :title="__('places/cupboard.list.title')" place="kitchen">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    <div class="basket" x-data="shopping" data-state="{{ route('shopping.state') }}" data-stamp="{{ $stamp }}" data-keep>
        <h1>{{ $head }}</h1>
        <p class="lead-line no-print">{{ $lead }}</p>
        <p class="said" hidden data-offline role="status">{{ __('places/cupboard.list.offline') }}</p>
        @foreach (['' => $items, 'unsure' => $unsure] as $group => $some)
            @if ($some)
                <section class="tile mb-3">
                    @if ($group)<h2>{{ __('places/cupboard.list.unsure') }}</h2>
                        <p class="muted small">{{ __('places/cupboard.list.unsure_lead') }}</p>@endif
                    <ul class="basket__lines">@foreach ($some as $item)<x-cupboard.basket-item :item="$item"/>@endforeach</ul>
                    @if (!$group && $total)<p class="muted mt-2 mb-0">{{ $total }}</p>@endif
                </section>
            @endif
        @endforeach
        @if ($basket)
            <section class="tile mb-3 no-print">
                <h2>{{ __('places/cupboard.list.basket') }}</h2>
                <ul class="basket__lines">@foreach ($basket as $entry => $words)
                    <li class="basket__done"><span>{{ $words }}</span>
                        <form method="post" action="{{ route('entries.void', $entry) }}">@csrf
                            <button class="push push--quiet">{{ __('places/cupboard.list.undo') }}<span class="visually-hidden">: {{
                                $words }}</span></button></form></li>@endforeach</ul>
            </section>
        @endif
        <section class="tile mb-3 no-print">
            <h2>{{ __('places/cupboard.list.add') }}</h2>
            <form method="post" action="{{ route('cupboard.own') }}" class="basket__add">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="wish" value="1">
                <label class="visually-hidden" for="add-name">{{ __('places/cupboard.list.add_what') }}</label>
                <input class="form-control" id="add-name" name="name" maxlength="60" required list="supply-names" value="{{ old('name') }}"
                    @invalid('name')>
                <datalist id="supply-names">@foreach ($names as $name)<option value="{{ $name }}">@endforeach</datalist>
                <button class="push">{{ __('places/cupboard.add') }}</button>
                <x-form.field-error name="name"/>
            </form>
        </section>
        <p class="no-print basket__out">
            <a href="{{ route('cupboard') }}">{{ __('places/cupboard.list.back') }}</a>
            <button class="push push--quiet" type="button" data-print hidden>{{ __('places/cupboard.list.print') }}</button>
            <a href="{{ route('shopping.text') }}">{{ __('places/cupboard.list.text') }}</a>
            <a href="{{ route('shopping.csv') }}">{{ __('places/cupboard.list.csv') }}</a>
        </p>
    </div>
</x-layout>
