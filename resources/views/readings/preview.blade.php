@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
@use('GoodRinse\Core\Quantity\Day')
<x-layout :title="__('views/readings/preview.readings_of', ['machine' => $machine->name])" place="kitchen">
    <h1>{{ $file->good ? Str::ucfirst(trans_choice('readings.good', count($file->good), ['count' => count($file->good)])).($bad
        ? ', '.trans_choice('readings.not', count($bad), ['count' => count($bad)]) : '').'.' : ($asks
            ? __('views/readings/preview.how_is_it_written')
        : __('views/readings/preview.none_of_these_lines_can_be')) }}</h1>
    <div class="two-tiles">
        @if ($bad)
            <section class="tile">
                <h2>{{ __('views/readings/preview.left_out') }}</h2>
                <ul class="clean-list">@foreach ($bad as $line => $why)<li><strong>{{
                    __('views/readings/preview.line', ['line' => $line]) }}</strong> {{ $why }}</li>@endforeach
                    </ul>
            </section>
        @endif
        @if ($first)
            <section class="tile">
                <h2>{{ __('views/readings/preview.to_be_written') }}</h2>
                <table class="plain">
                    <thead><tr><th scope="col">{{ __('views/readings/preview.line_2') }}</th><th scope="col">{{
                        __('views/readings/preview.when') }}</th><th scope="col">
                        {{ $file->column === 'total'
                            ? __('views/readings/preview.total') : __('views/readings/preview.uses') }}</th></tr></thead>
                    <tbody>@foreach ($first as $line => [$at, $number])<tr><td>{{ $line }}</td><td>
                        {{ Dates::day(Day::at($at, $household->zone())) }}, {{ Dates::time($at, $household->zone()) }}</td><td>
                        {{ rtrim(rtrim(number_format($number, 9, '.', ''), '0'), '.') }}</td></tr>@endforeach</tbody>
                </table>
                @if ($more)<p class="muted small">{{ __('views/readings/preview.and_more', ['more' => $more]) }}</p>@endif
            </section>
        @endif
    </div>
    <form method="post" action="{{ route('readings.create', $machine) }}" class="tile mt-3" x-data="busy" @submit="start">
        @csrf
        <input type="hidden" name="id" value="{{ $id }}">
        @foreach (array_diff_key($told, array_flip(array_column($asks, 0))) as $field => $value)<input type="hidden" name="{{ $field }}"
            value="{{ $value }}">@endforeach
        @foreach ($asks as [$field, $answers])
            <fieldset class="field">
                <legend class="form-label">{{ __("readings.asks.$field") }}</legend>
                @foreach ($answers as $answer)<label class="with-gap"><input type="radio" name="{{ $field }}" value="{{ $answer }}"
                    required> {{ __("readings.asks.$answer") }}</label>@endforeach
            </fieldset>
        @endforeach
        <div class="field">
            <label class="form-label"
                for="f-table">{{ $bad
                    ? __('views/readings/preview.put_it_right_here_or_go') : __('views/readings/preview.the_table') }}</label>
            <textarea class="form-control" id="f-table" name="table" rows="6" spellcheck="false">{{ $table }}</textarea>
        </div>
        <label class="check-row mt-3"><input type="checkbox" name="replaced" value="1" @checked($replaced)>
            {{ __('views/readings/preview.the_counter_was_replaced_or_set') }}</label>
        <p class="mt-3 mb-0 with-gap">
            @if ($file->good)<button class="push push--main" name="sure"
                value="1">{{ __('views/readings/preview.write_down', ['good' => trans_choice('readings.lines', count($file->good), ['count'
                => count($file->good)])]) }}</button>@endif
            <button class="push">{{ __('views/readings/preview.look_again') }}</button>
            <a class="push push--quiet" href="{{ route('machines.show', $machine) }}">{{ __('views/readings/preview.write_nothing') }}</a>
        </p>
        <p class="mt-3 mb-0" role="status" hidden :hidden="idle"><progress aria-label="{{
            __('views/readings/preview.working_through_the_lines') }}"></progress>
            {{ __('views/readings/preview.working_through_the_lines_years_of') }}</p>
    </form>
</x-layout>
