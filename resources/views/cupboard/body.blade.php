<h1>{{ $head }}</h1>
<p class="lead-line">{{ __('places/cupboard.lead') }}</p>
@foreach ($shelves as $shelf => $lines)
    <section class="tile mb-3">
        <h2>{{ __("places/cupboard.$shelf") }}</h2>
        <ul class="shelf">@foreach ($lines as $line)<x-cupboard.supply :line="$line"/>@endforeach</ul>
        @if ($cost && $shelf === 'to_buy')<p class="muted mt-3 mb-0">{{ __('places/cupboard.cost', ['cost' => $cost]) }}</p>@endif
    </section>
@endforeach
@if ($more)
    <section class="tile">
        <h2>{{ __('places/cupboard.other') }}</h2>
        <form method="post" action="{{ route('cupboard') }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <div class="field"><label class="form-label" for="f-supply">{{ __('places/cupboard.supply') }}</label>
                <select class="form-select" id="f-supply" name="supply">@foreach ($more as $id => $name)
                    <option value="{{ $id }}" @selected(old('supply') === $id)>{{ $name }}</option>@endforeach</select></div>
            <x-cupboard.fields key="other" :units="$units" unit="ml" :usual="500.0"
                :typed="isset($more[old('supply', '')])"/>
        </form>
    </section>
@endif
