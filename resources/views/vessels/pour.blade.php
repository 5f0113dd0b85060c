@use('App\View\Words\Dates')
<x-layout title="Poured into the {{ $vesselName }}" place="kitchen">
    <form method="post" class="pour" x-data="pour">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <div class="pour__head">
            <h1>What went into the {{ $vesselName }}?</h1>
            <p class="muted mb-2">
                {{ $machine->name }}.
                @if ($there)
                    Since it was last cleared:
                    @foreach ($there as [$name, $since]){{ $loop->first ? '' : ', ' }}<strong
                        class="ink">{{ $name }}</strong>{{ $since
                        ? ' ('.Dates::relative(GoodRinse\Core\Quantity\Day::at($since, $household->zone()), $today).')' : '' }}@endforeach.
                @else
                    As far as the logbook knows, nothing is left in it.
                @endif
            </p>
            <nav class="with-gap" aria-label="Another vessel">
                @foreach ($vessels as $id => $name)
                    <a class="chip" href="{{ route('vessels.pour', [$machine, $id]) }}" @if ($id === $vessel->id) aria-current="page"
                        @endif>{{ $name }}</a>
                @endforeach
            </nav>
        </div>
        <fieldset class="agents">
            <legend class="visually-hidden">What was it?</legend>
            @foreach ($agents as $agent)
                <div class="pick agent">
                    <input type="radio" id="a-{{ $agent->id }}" name="agent" value="{{ $agent->id }}" required
                        @checked(old('agent', $picked) === $agent->id) x-on:change="show"
                        data-verdict="{{ $verdicts[$agent->id]->verdict->value }}" @invalid('agent', "v-$agent->id")>
                    <label for="a-{{ $agent->id }}">
                        <span>{{ $agent->name }}</span>
                        <small id="v-{{ $agent->id }}"><x-drawing.verdict
                            :verdict="$verdicts[$agent->id]->verdict"/>{{ $data->verdict($agent) }}<span
                            class="agent__why">. {{ $verdicts[$agent->id]->reason }} {{ $verdicts[$agent->id]->remedy }}
                            {{ $ages[$agent->id] ?? '' }}</span></small>
                    </label>
                </div>
            @endforeach
        </fieldset>
        <x-form.field-error name="agent"/>
        <section class="tile pour__end">
            <p class="pour__said" aria-live="polite" x-ref="said">Choose one to see whether it is safe.</p>
            <label class="with-gap pour__happened" x-ref="happened" @if (! old('happened') && ! $errors->any()) hidden @endif>
                <input type="checkbox" name="happened" value="1" @checked(old('happened'))> It has already happened.
            </label>
            <noscript><label class="with-gap"><input type="checkbox" name="happened" value="1">
                It has already happened, whatever is said of it.</label></noscript>
            <button class="push push--main push--wide">Write it down</button>
            <details @if ($errors->hasAny(['amount', 'strength', 'on', 'at'])) open @endif>
                <summary>How much, how strong, when</summary>
                <div class="row g-3">
                    <div class="col-6"><x-form.field name="amount" label="Amount" inputmode="decimal"/></div>
                    <div class="col-6 field">
                        <label class="form-label" for="f-unit">in</label>
                        <select class="form-select" id="f-unit" name="unit">
                            @foreach (array_keys(GoodRinse\Core\Quantity\Portion::measures(App\View\Words\HouseMeasures::now())) as $unit)
                                <option value="{{ $unit }}" @selected(old('unit') === $unit)>{{ __("units.portions.$unit") }}</option>
                                @endforeach
                        </select>
                    </div>
                    <div class="col-6"><x-form.field name="strength" label="Strength, %" inputmode="decimal"/></div>
                    <div class="col-6"><x-form.field name="on" label="Day" type="date" :max="(string) $today"/></div>
                    <div class="col-6"><x-form.field name="at" label="Time" type="time"/></div>
                </div>
            </details>
        </section>
    </form>
</x-layout>
