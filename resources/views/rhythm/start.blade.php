<x-layout :title="__('views/rhythm/start.what_starts_from', ['machine' => $machine->name])" place="rhythm">
    <h1>{{ $moved === null ? __('views/rhythm/start.what_its_rhythms_start_from') : (array_filter($moved, fn ($date) => $date->moves())
        ? __('views/rhythm/start.this_is_what_would_move') : __('views/rhythm/start.no_date_would_move')) }}</h1>
    @if ($moved !== null)
        <section class="tile mb-3">
            <x-care.date-changes :moved="$moved" :today="$today"/>
            <form method="post" action="{{ route('machines.start', $machine) }}" class="with-gap mt-3">
                @csrf
                @method('put')
                @foreach ($tried->habits as $id => $value)<input type="hidden" name="habits[{{ $id }}]" value="{{ $value }}">@endforeach
                @foreach ($tried->schools as $id => $value)<input type="hidden" name="schools[{{ $id }}]" value="{{ $value }}">@endforeach
                <button class="push push--main">{{ __('views/rhythm/start.use_it') }}</button>
                <a class="push push--quiet" href="{{ route('rhythm', ['machine' => $machine->id]) }}">{{
                    __('views/rhythm/start.leave_it_as_it_was') }}</a>
            </form>
        </section>
    @endif
    <form method="get" action="{{ route('machines.start', $machine) }}" class="start-form">
        <section class="tile">
            <h2>{{ $machine->name }}</h2>
            <x-form.habit-fields :kind="$kind" :machine="$tried" :said="$said"/>
            <p class="mt-4 mb-0 with-gap"><button class="push {{ $moved === null ? 'push--main' : '' }}">{{
                __('views/rhythm/start.see_what_moves') }}</button><a
                class="push push--quiet" href="{{ route('rhythm', ['machine' => $machine->id]) }}">{{
                    __('views/rhythm/start.back_to_the_rhythm') }}</a></p>
        </section>
        @if ($kind->litresTrait)
            <p class="mt-3 muted">{{
                __('views/rhythm/start.descaling_starts_from_the_hardness_of') }} <a href="{{ route('water') }}">{{
                    __('views/rhythm/start.set_it_here') }}</a>.</p>
        @endif
    </form>
</x-layout>
