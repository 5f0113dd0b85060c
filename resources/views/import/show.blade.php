<x-layout :title="__('exchange.import')" place="household">
    <h1>{{ $file->name() }}</h1>
    <form class="tile narrow" method="post" action="{{ route('import.show', $id) }}">
        @csrf
        @if ($target)<p>{{ __('exchange.goes_into', ['name' => $target]) }}</p>@endif
        <h2>{{ __('exchange.brings') }}</h2>
        <ul>
            @forelse (App\View\Exchange\ImportPage::counts($plan) as $table => $count)
                <li>{{ trans_choice("exchange.count.$table", $count) }}</li>
            @empty
                <li>{{ __('exchange.nothing_new') }}</li>
            @endforelse
        </ul>
        @if (array_sum($plan->same))<p>{{ trans_choice('exchange.same', array_sum($plan->same)) }}</p>@endif
        @if ($plan->different)
            <p><strong>{{ trans_choice('exchange.different', count($plan->different)) }}</strong>
                {{ implode(', ', array_slice($plan->different, 0, 12)) }}</p>
        @endif
        @if (count($file->people))
            <fieldset class="mt-3">
                <legend>{{ __('exchange.who') }}</legend>
                @foreach ($file->people as $person => $name)
                    <label class="check-row"><input type="radio" name="me" value="{{ $person }}" @checked($person === $me)>
                        {{ $name }}</label>
                @endforeach
                <label class="check-row"><input type="radio" name="me" value="" @checked($me === null)> {{ __('exchange.nobody') }}</label>
                <p class="hint">{{ __('exchange.who_hint') }}</p>
            </fieldset>
        @endif
        <div class="with-gap mt-4">
            @if ($target === null)
                <button class="push push--main" name="merge" value="0">{{ __('exchange.as_new') }}</button>
                @if ($home)<button class="push" name="merge" value="1">{{ __('exchange.merge', ['name' => $home]) }}</button>@endif
            @else
                <button class="push push--main" name="merge" value="1">{{ __('exchange.merge', ['name' => $target]) }}</button>
            @endif
            <a class="push push--quiet" href="{{ route('import') }}">{{ __('exchange.another') }}</a>
        </div>
    </form>
</x-layout>
