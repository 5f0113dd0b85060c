<x-layout :title="__('places/help.title')">
    <h1>{{ __('places/help.head') }}</h1>
    <p class="lead-line">{{ __('places/help.lead') }}</p>
    <div class="help">
        @foreach (__('places/help.about') as $id => $about)
            <section class="tile" id="{{ $id }}">
                <h2>{{ $about['head'] }}</h2>
                <p class="mb-0">{{ $about['text'] }}</p>
            </section>
        @endforeach
        <section class="tile">
            <h2>{{ __('places/help.more') }}</h2>
            <div class="help__sign"><x-drawing.glass :wear="1.1" :size="56" :unknown="false"/><p class="mb-0">{{ __('places/help.glass')
                }}</p></div>
            <p class="mt-3 mb-0">{{ __('places/help.bar') }}</p>
        </section>
        <section class="tile">
            <h2>{{ __('places/help.places') }}</h2>
            <dl class="facts">
                @foreach (__('places/help.place') as $to => $what)<dt><a href="{{ route($to) }}">{{ __("places/shell.$to") }}</a></dt>
                    <dd>{{ $what }}</dd>@endforeach
            </dl>
        </section>
        <section class="tile">
            <h2>{{ __('places/help.keys') }}</h2>
            @if ($shortcuts->on)
                <x-account.key-list :shortcuts="$shortcuts" class="facts"/>
            @else
                <p>{{ __('places/help.keys_off') }}</p>
            @endif
            <p class="mt-2 mb-0"><a href="{{ route('account') }}#keys">{{ __('places/help.keys_change') }}</a></p>
        </section>
    </div>
</x-layout>
