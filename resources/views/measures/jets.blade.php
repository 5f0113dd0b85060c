<x-layout :title="__('measures.jets.title', ['machine' => $machine->name])" place="kitchen">
    <x-measure.jet-signs/>
    <x-measure.way :machine="$machine"/>
    <h1>{{ $head }}</h1>
    @if ($stands)<p><a class="push" href="{{ route('traces.create', $machine) }}">{{ __('measures.jets.why') }}</a></p>@endif
    <form method="post" action="{{ route('measures.jets', $machine) }}" class="tile">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <x-form.field-error name="map"/>
        <x-measure.arms :arms="$arms" :script="$script" :typed="$typed" :always="true"/>
        <fieldset class="chips mt-3">
            <legend class="visually-hidden">{{ __('measures.jets.what_for') }}</legend>
            @foreach ((array) __('measures.jets.means') as $means => $name)
                <label class="chip"><input type="radio" name="means" value="{{ $means }}" required
                    @checked(old('means', 'found') === $means) @invalid('means')> {{ $name }}</label>
            @endforeach
        </fieldset>
        <x-form.field-error name="means"/>
        <p class="mt-3 mb-0 with-gap"><button class="push push--main">{{ __('measures.keep') }}</button>
            <a class="push push--quiet"
                href="{{ route('rounds.create', [$machine, 'procedures' => ['spray-arms']]) }}">{{ __('measures.jets.clean') }}</a></p>
    </form>
    @if ($pair)
        <section class="tile mt-3">
            <h2>{{ trans_choice('measures.jets.pair', (int) ($pair[0]->day === $pair[1]->day), ['before' => $pair[0]->day,
                'after' => $pair[1]->day]) }}</h2>
            <div class="pairs">
                @foreach ($pair[1]->arms as $i => $after)
                    @if (isset($pair[0]->arms[$i]))
                        <div class="pair">
                            @foreach ([$pair[0]->arms[$i], $after] as $n => $arm)
                                <figure><x-measure.rack :arm="$arm"/><figcaption>{{ $arm->state->template->name }},
                                    {{ __('measures.jets.'.($n === 0
                                        ? __('views/measures/jets.before') : __('views/measures/jets.after'))) }}:
                                    {{ __('measures.jets.open', ['percent' => $arm->percent]) }}</figcaption></figure>
                            @endforeach
                        </div>
                    @endif
                @endforeach
            </div>
        </section>
    @endif
    @if ($earlier)
        <section class="tile mt-3" x-data="layers">
            <h2>{{ __('measures.jets.earlier') }}</h2>
            @if (count($earlier) > 1)
                <label class="layers__slide">{{ __('measures.jets.slide') }}
                    <input type="range" min="0" max="{{ count($earlier) - 1 }}" value="{{ count($earlier) - 1 }}" x-on:input="slide"
                        x-ref="slider"></label>
                <p class="mb-2" role="status" x-ref="which"></p>
            @endif
            <div class="layers" x-ref="layers">
                @foreach ($earlier as $map)
                    <figure class="layers__map" data-name="{{ $map->day }}, {{ $map->was }}">
                        <div class="pairs">@foreach ($map->arms as $arm)<x-measure.rack :arm="$arm"/>@endforeach</div>
                        <figcaption>{{ $map->day }}, {{ $map->was }}:
                            {{ implode(', ', array_map(fn ($arm) => __('measures.jets.entry_arm', ['name' => mb_strtolower(
                                $arm->state->template->name), 'percent' => $arm->percent]), $map->arms)) }}</figcaption>
                    </figure>
                @endforeach
            </div>
        </section>
    @endif
</x-layout>
