@use('App\View\Words\Dates')
<x-layout :title="__('views/vessels/pour.poured_into_the', ['vessel_name' => $vesselName])" place="kitchen">
    <form method="post" class="pour" x-data="pour">
        @csrf
        <input type="hidden" name="id" value="{{ is_string(old('id')) && old('id') !== '' ? old('id') : Str::ulid() }}">
        <div class="pour__head">
            <h1>{{ __('views/vessels/pour.what_went_into_the', ['vessel_name' => $vesselName]) }}</h1>
            <p class="muted mb-2">
                {{ $machine->name }}.
                @if ($there)
                    {{ __('views/vessels/pour.since_it_was_last_cleared') }}
                    @foreach ($there as [$name, $since]){{ $loop->first ? '' : ', ' }}<strong
                        class="ink">{{ $name }}</strong>{{ $since
                        ? ' ('.Dates::relative(GoodRinse\Core\Quantity\Day::at($since, $household->zone()), $today).')'
                            : '' }}@endforeach.
                @else
                    {{ __('views/vessels/pour.as_far_as_the_logbook_knows') }}
                @endif
            </p>
            <nav class="with-gap" aria-label="{{ __('views/vessels/pour.another_vessel') }}">
                @foreach ($vessels as $id => $name)
                    <a class="chip" href="{{ route('vessels.pour', [$machine, $id]) }}" @if ($id === $vessel->id) aria-current="page"
                        @endif>{{ $name }}</a>
                @endforeach
            </nav>
        </div>
        <p class="pour__find" data-scripted><label class="visually-hidden" for="find-agent">{{ __('views/vessels/pour.find') }}</label>
            <input class="form-control" id="find-agent" type="search" autocomplete="off" placeholder="{{ __('views/vessels/pour.find') }}"
                x-on:input="filter" x-on:keydown.enter.prevent="first"></p>
        <fieldset class="agents" x-ref="agents">
            <legend class="visually-hidden">{{ __('views/vessels/pour.what_was_it') }}</legend>
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
            <p class="pour__said" aria-live="polite" x-ref="said">{{ __('views/vessels/pour.choose_one_to_see_whether_it') }}</p>
            <label class="with-gap pour__happened" x-ref="happened" @if (! old('happened') && ! $errors->any()) hidden @endif>
                <input type="checkbox" name="happened" value="1" @checked(old('happened'))> {{
                    __('views/vessels/pour.it_has_already_happened') }}
            </label>
            <noscript><label class="with-gap"><input type="checkbox" name="happened" value="1">
                {{ __('views/vessels/pour.it_has_already_happened_whatever_is') }}</label></noscript>
            <button class="push push--main push--wide">{{ __('views/vessels/pour.write_it_down') }}</button>
            <details @if ($errors->hasAny(['amount', 'strength', 'on', 'at'])) open @endif>
                <summary>{{ __('views/vessels/pour.how_much_how_strong_when') }}</summary>
                <div class="row g-3">
                    <div class="col-6"><x-form.field name="amount" :label="__('views/vessels/pour.amount')" inputmode="decimal"/></div>
                    <div class="col-6 field">
                        <label class="form-label" for="f-unit">{{ __('views/vessels/pour.in') }}</label>
                        <select class="form-select" id="f-unit" name="unit">
                            @foreach (array_keys(GoodRinse\Core\Quantity\Portion::measures(App\View\Words\HouseMeasures::now())) as $unit)
                                <option value="{{ $unit }}" @selected(old('unit') === $unit)>{{ __("units.portions.$unit") }}</option>
                                @endforeach
                        </select>
                    </div>
                    <div class="col-6"><x-form.field name="strength" :label="__('views/vessels/pour.strength')"
                        inputmode="decimal"/></div>
                    <div class="col-6"><x-form.field name="on" :label="__('views/vessels/pour.day')" type="date"
                        :max="(string) $today"/></div>
                    <div class="col-6"><x-form.field name="at" :label="__('views/vessels/pour.time')" type="time"/></div>
                </div>
            </details>
        </section>
    </form>
</x-layout>
