<h1>{{ $head }}</h1>
<p class="lead-line">{{ __('places/costs.lead') }}</p>
@if ($years)
    <section class="tile mb-3">
        <x-cupboard.cost-table :title="__('places/costs.by_year')" :head="__('places/costs.year')" :kinds="$kinds" :lines="$years"/>
        @foreach ($notes as $note)<p class="muted small mb-1">{{ $note }}</p>@endforeach
    </section>
    <section class="tile mb-3">
        @if (count($choices) > 1)<nav class="span-switch mb-2" aria-label="{{ __('places/costs.year') }}">@foreach ($choices as $choice)
            <a href="{{ route('costs', ['year' => $choice]) }}" @if ($choice === $year) aria-current="true" @endif>{{ $choice }}</a>
            @endforeach</nav>@endif
        @if (count($perMachine) > 1)<x-cupboard.cost-table :title="__('places/costs.by_machine', ['year' => $year])"
            :head="__('places/costs.what')" :kinds="$kinds" :lines="$perMachine"/>@endif
        <x-cupboard.cost-table :title="__('places/costs.by_task', ['year' => $year])" :head="__('places/costs.what')" :kinds="$kinds"
            :lines="$tasks"/>
        @if ($bought)<p class="muted small mb-0">{{ $bought }}</p>@endif
    </section>
@endif
@if ($agents)
    <section class="tile mb-3">
        <h2>{{ __('places/costs.agents') }}</h2>
        <p class="muted small">{{ __('places/costs.agents_lead') }}</p>
        <dl class="cost-choice">@foreach ($agents as [$task, $costs])
            <dt>{{ $task }}</dt>@foreach ($costs as $cost)<dd>{{ Str::ucfirst($cost) }}</dd>@endforeach @endforeach</dl>
    </section>
@endif
@if ($saving)
    <section class="tile mb-3">
        <h2>{{ __('places/costs.saved_title') }}</h2>
        <p>{{ $saving[0] }}</p>
        <p class="muted small mb-0">{{ $saving[1] }}</p>
    </section>
@endif
<section class="tile mb-3">
    <h2>{{ __('places/costs.prices') }}</h2>
    <form method="post" action="{{ route('costs') }}">
        @csrf
        @method('put')
        <div class="supply__fields">
            @foreach (['water_price', 'power_price'] as $name)
                <div class="field"><label class="form-label" for="{{ $name }}">{{ __("places/costs.$name") }}</label>
                    <input class="form-control" id="{{ $name }}" name="{{ $name }}" inputmode="decimal"
                        value="{{ old($name, $household->$name) }}" @invalid($name)>
                    <x-form.field-error :name="$name"/></div>
            @endforeach
        </div>
        <label class="check-row"><input type="checkbox" name="counts_time" value="1"
            @checked(old('counts_time', $household->counts_time))> <span>{{ __('places/costs.counts_time', [
                'money' => App\View\Words\Money::of($household->hour_value, $household)]) }}</span></label>
        <p class="small"><a href="{{ route('household') }}">{{ __('places/costs.hour_where') }}</a></p>
        <p class="mb-0"><button class="push">{{ __('places/costs.save') }}</button></p>
    </form>
</section>
@if ($machines)
    <section class="tile mb-3">
        <h2>{{ __('places/costs.worth') }}</h2>
        <p class="muted small">{{ __('places/costs.worth_lead') }}</p>
        @foreach ($machines as $worth)
            <details class="mb-2" @if ($worth->sentences || old('machine') === $worth->machine->id) open @endif>
                <summary>{{ $worth->machine->name }}</summary>
                <p class="mb-1">{{ $worth->facts }}</p>
                @foreach ($worth->sentences as $sentence)<p class="mb-1">{{ $sentence }}</p>@endforeach
                <form method="post" action="{{ route('costs') }}">
                    @csrf
                    @method('put')
                    <input type="hidden" name="machine" value="{{ $worth->machine->id }}">
                    <div class="supply__fields">@foreach (['price', 'lasts', 'left', 'litres', 'power'] as $name)
                        <div class="field"><label class="form-label" for="{{ $name }}-{{ $worth->machine->id }}">{{
                            __("places/costs.$name") }}</label>
                            <input class="form-control" id="{{ $name }}-{{ $worth->machine->id }}" name="{{ $name }}"
                                inputmode="decimal" value="{{ old('machine') === $worth->machine->id ? old($name)
                                    : $worth->machine->worth[$name] ?? '' }}"
                                @if (old('machine') === $worth->machine->id) @invalid($name) @endif>
                            <x-form.field-error :name="$name" :here="old('machine') === $worth->machine->id"/></div>@endforeach</div>
                    <p class="mt-2 mb-0"><button class="push">{{ __('places/costs.save') }}<span class="visually-hidden">: {{
                        $worth->machine->name }}</span></button></p>
                </form>
            </details>
        @endforeach
    </section>
@endif
@if ($purchases)
    <section class="tile mb-3">
        <h2>{{ __('places/costs.purchases') }}</h2>
        <ul class="clean-list rows">@foreach ($purchases as [$words, $receipt])<li>{{ $words }}
            @if ($receipt)<a href="{{ $receipt }}">{{ __('places/costs.receipt') }}</a>@endif</li>@endforeach</ul>
    </section>
@endif
<p><a href="{{ route('cupboard') }}">{{ __('places/cupboard.title') }}</a></p>
