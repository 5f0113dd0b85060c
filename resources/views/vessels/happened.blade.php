<x-layout :title="__('views/vessels/happened.what_to_do_now')" place="today">
    <div class="narrow stack">
        <section class="tile tile--hazard">
            <h1>{{ $met ? __('views/vessels/happened.do_this_now') : __('views/vessels/happened.written_down_now_rinse_it_out') }}</h1>
            @foreach ($met as $each)<p class="step__say">{{ $each }}</p>@endforeach
            <ol class="now">
                @foreach ($advice as $line)<li>{{ $line }}</li>@endforeach
            </ol>
        </section>
        <section class="tile">
            <h2>{{ __('views/vessels/happened.once_the_air_is_clear') }}</h2>
            <p>{{ __('views/vessels/happened.until_that_is_written_down_as', ['remedy' => $vessel->remedy,
                'what' => implode(__('units.and'), $there) ?: __('views/vessels/happened.it'),
                    'what2' => count($there) > 1 ? __('views/vessels/happened.count')
                : __('views/vessels/happened.counts'), 'vessel_name' => $vesselName]) }}</p>
            <form method="post" action="{{ route('vessels.clear', [$machine, $vessel->id]) }}">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <button class="push push--main">{{ $vessel->done }}</button>
            </form>
            @if (session('undo'))
                <form method="post" action="{{ route('entries.void', session('undo')) }}">
                    @csrf<button class="push push--quiet">{{ __('views/vessels/happened.it_did_not_happen_take_it') }}</button></form>
            @endif
        </section>
    </div>
</x-layout>
