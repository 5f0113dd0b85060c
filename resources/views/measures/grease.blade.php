<x-layout :title="__('measures.grease.title', ['machine' => $machine->name])" place="kitchen">
    <x-measure.way :machine="$machine"/>
    <h1>{{ $head }}</h1>
    <div class="two-tiles">
        <form method="post" action="{{ route('measures.grease', $machine) }}" class="tile">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <h2>{{ __('measures.grease.weigh') }}</h2>
            @if ($doubt)<p class="remedy" role="alert">{{ $doubt }}</p>@endif
            <x-form.field name="weight" :label="__('measures.grease.weight', ['unit' => $unit])" type="number" step="any" min="0"
                inputmode="decimal" required/>
            <fieldset class="chips mt-3">
                <legend class="visually-hidden">{{ __('measures.grease.weigh') }}</legend>
                @foreach ((array) __('measures.grease.as') as $as => $name)
                    <label class="chip"><input type="radio" name="as" value="{{ $as }}"
                        required @checked(old('as', 'weight-before') === $as) @invalid('as')>
                        {{ $name }}</label>
                @endforeach
            </fieldset>
            <x-form.field-error name="as"/>
            @if ($doubt)<label class="with-gap mt-3"><input type="checkbox" name="sure" value="1"> {{ __('measures.grease.sure') }}</label>
                @endif
            <p class="mt-3 mb-0"><button class="push push--main">{{ __('measures.keep') }}</button></p>
        </form>
        <section class="tile">
            @foreach ($sentences as $sentence)<p>{{ $sentence }}</p>@endforeach
            @if ($washes)
                <h2>{{ __('measures.grease.washes') }}</h2>
                <table class="plain">
                    <thead><tr><th scope="col">{{ __('measures.grease.day') }}</th><th scope="col">{{ __('measures.grease.on_it') }}</th>
                        <th scope="col">{{ __('measures.grease.per_hour') }}</th></tr></thead>
                    <tbody>@foreach ($washes as [$day, $grams, $rate])<tr><td>{{ $day }}</td><td class="nums">{{ $grams }}</td>
                        <td class="nums">{{ $rate }}</td></tr>@endforeach</tbody>
                </table>
            @endif
        </section>
    </div>
</x-layout>
