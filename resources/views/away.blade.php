<x-layout :title="__('views/away.nobody_at_home')" place="rhythm">
    @if (! $machines)
        <x-care.first-machine/>
    @else
    <h1>{{ __('views/away.nobody_at_home_for_a_while') }}</h1>
    <form method="post" action="{{ route('away') }}" class="narrow tile">
        @csrf
        <input type="hidden" name="id" value="{{ Str::ulid() }}">
        <p>{{ __('views/away.clocks_that_count_loads_brews_or') }}</p>
        <div class="row g-3">
            <div class="col-6"><x-form.field name="from" :label="__('views/away.from')" type="date"
                :value="(string) $today" required/></div>
            <div class="col-6"><x-form.field name="to" :label="__('views/away.to_that_day_too')" type="date"
                :value="(string) $today->plus(13)" required/>
                </div>
        </div>
        <fieldset class="mt-4">
            <legend>{{ __('views/away.which_machines_stand_still') }}</legend>
            @foreach ($machines as $care)
                <label class="check-row"><input type="checkbox" name="machines[]" value="{{ $care->machine->id }}"
                    @checked(old('machines') === null || in_array($care->machine->id, (array) old('machines'), true))>
                    {{ $care->machine->name }}{{ $care->machine->place ? ', '.$care->machine->place : '' }}</label>
            @endforeach
            <x-form.field-error name="machines"/>
        </fieldset>
        <div class="mt-3"><x-form.field name="reason" :label="__('views/away.what_for_if_you_like')" maxlength="120"/></div>
        <p class="mt-4 mb-0 with-gap"><button class="push push--main">{{
            __('views/away.let_them_rest') }}</button><a class="push push--quiet"
            href="{{ route('today') }}">{{ __('views/away.back') }}</a></p>
        <p class="muted small mt-3 mb-0">{{ __('views/away.back_early_say_so_on_today') }}</p>
    </form>
    @endif
</x-layout>
