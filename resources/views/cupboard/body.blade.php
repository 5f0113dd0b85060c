<h1>{{ $head }}</h1>
<p class="lead-line">{{ $lead }}</p>
<div class="cupboard__do">
    <a class="push push--main" href="{{ route('shopping') }}">{{ trans_choice('places/cupboard.list_open', $listed) }}</a>
    <nav class="span-switch" aria-label="{{ __('places/cupboard.ahead') }}">
        @foreach ($choices as $choice)<a href="{{ route('cupboard', ['months' => $choice]) }}" @if ($choice === $months)
            aria-current="true" @endif>{{ __('places/cupboard.ahead_months', ['count' => $choice]) }}</a>@endforeach
    </nav>
    <a href="{{ route('costs') }}">{{ __('places/cupboard.money') }}</a>
    <a href="{{ route('purchases') }}">{{ __('places/cupboard.tables') }}</a>
</div>
@foreach ($places as $place)
    <section class="tile mb-3 keeping">
        <h2>{{ $place->name }}</h2>
        @foreach ($place->shelves as [$label, $lines])
            @if ($label)<p class="board__label">{{ $label }}</p>@endif
            <ul class="board">@foreach ($lines as $line)<x-cupboard.shelf-item :line="$line"/>@endforeach</ul>
        @endforeach
        @foreach ($place->notes as $note)<p class="muted small mt-3 mb-0">{{ $note }}</p>@endforeach
    </section>
@endforeach
<datalist id="keeping-places">@foreach ($placeNames as $name)<option value="{{ $name }}">@endforeach</datalist>
@foreach ($groups as $group => $lines)
    <section class="tile mb-3">
        <h2>{{ __("places/cupboard.$group") }}</h2>
        @if ($group === 'tools')<p class="muted small">{{ __('places/cupboard.tools_lead') }}</p>@endif
        <ul class="shelf">@foreach ($lines as $line)<x-cupboard.supply :line="$line"/>@endforeach</ul>
    </section>
@endforeach
@if ($more)
    <details class="tile mb-3" @if (isset($more[old('supply', '')])) open @endif>
        <summary><h2>{{ __('places/cupboard.other') }}</h2></summary>
        <form method="post" action="{{ route('cupboard') }}" enctype="multipart/form-data">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <div class="field"><label class="form-label" for="f-supply">{{ __('places/cupboard.supply') }}</label>
                <select class="form-select" id="f-supply" name="supply">@foreach ($more as $id => $name)
                    <option value="{{ $id }}" @selected(old('supply') === $id)>{{ $name }}</option>@endforeach</select></div>
            <x-cupboard.fields key="other" :units="$units" unit="ml" :usual="500.0"
                :typed="isset($more[old('supply', '')])"/>
        </form>
    </details>
@endif
<details class="tile" @if ($errors->has('name') || $errors->has('package')) open @endif>
    <summary><h2>{{ __('places/cupboard.own') }}</h2></summary>
    <form method="post" action="{{ route('cupboard.own') }}">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <div class="supply__fields">
            <div class="field"><label class="form-label" for="own-name">{{ __('places/cupboard.own_name') }}</label>
                <input class="form-control" id="own-name" name="name" maxlength="60" required value="{{ old('name') }}" @invalid('name')>
                <x-form.field-error name="name"/></div>
            <div class="field"><label class="form-label" for="own-counted">{{ __('places/cupboard.unit') }}</label>
                <select class="form-select" id="own-counted" name="counted">@foreach (['pieces', 'ml', 'g'] as $id)
                    <option value="{{ $id }}" @selected(old('counted') === $id)>{{ __("units.portions.$id") }}</option>@endforeach
                </select></div>
            <div class="field"><label class="form-label" for="own-package">{{ __('places/cupboard.own_package') }}</label>
                <input class="form-control" id="own-package" name="package" inputmode="decimal" value="{{ old('package', 1) }}"
                    @invalid('package')>
                <x-form.field-error name="package"/></div>
        </div>
        <p class="mb-0 mt-2"><button class="push">{{ __('places/cupboard.add') }}</button></p>
    </form>
</details>
