<x-layout :title="__('plan.title')" place="today">
    <x-slot:when><x-page.date-head :household="$household" :today="$today"/></x-slot:when>
    @if (! $choices)
        <x-care.first-machine/>
    @else
    <h1>{{ $head }}</h1>
    @if ($sentences)<p class="lead-line">{{ implode(' ', $sentences) }}</p>@endif
    @foreach ($troubles as $trouble)<p class="remedy" role="alert">{{ $trouble }}</p>@endforeach
    @error('jobs')<p class="remedy" role="alert">{{ $message }}</p>@enderror
    @if ($open)<p class="remedy">{{ __('plan.is_open') }}
        <a href="{{ route('sessions.show', $open) }}">{{ __('plan.to_session') }}</a></p>@endif
    @if ($lanes)<x-plan.lanes :lanes="$lanes" :label="$head" :people="count($people)" moves/>@endif
    <div class="two-tiles">
        <section class="tile">
            <h2>{{ __('plan.order') }}</h2>
            @if ($lines)
                <form method="post" action="{{ route('sessions.store') }}" class="mb-3">
                    @csrf
                    @foreach ($starts as [$machine, $procedures])@foreach ($procedures as $procedure)<input type="hidden" name="jobs[]"
                        value="{{ $machine->id }}:{{ $procedure }}">@endforeach @endforeach
                    @foreach ($lines as $line)
                        @if ($line->at)<input type="hidden" name="set[{{ $line->id }}]" value="{{ $line->at }}">@endif
                        @if ($line->isGiven)<input type="hidden" name="by[{{ $line->id }}]" value="{{ $line->hand }}">@endif
                    @endforeach
                    <button class="push push--main push--wide">{{ __('plan.run') }}</button>
                    <p class="muted small mt-2 mb-0">{{ __(count($people) > 1 ? 'plan.how_two' : 'plan.how') }}</p>
                </form>
                <x-plan.order :lines="$lines" :people="$people" moves/>
            @else
                <p class="mb-0">{{ __('plan.pick') }}</p>
            @endif
        </section>
        <form class="tile" method="get" action="{{ route('plan') }}" id="plan">
            <h2>{{ __('plan.jobs') }}</h2>
            @foreach ($choices as $machine => $jobs)
                <fieldset class="mb-2">
                    <legend class="h3">{{ $machine }}</legend>
                    @foreach ($jobs as $job)
                        <label class="check-row"><input type="checkbox" name="jobs[]" value="{{ $job->value }}" @checked($job->isPicked)>
                            <span class="plan__glass"><x-drawing.glass :wear="$job->wear" :size="26"
                                :unknown="$job->isNew"/></span>
                            <span>{{ $job->name }} <span class="muted small">{{ $job->note() }}</span></span></label>
                    @endforeach
                </fieldset>
            @endforeach
            <div class="plan__times">
                <x-form.field name="at" :label="__('plan.begin')" type="time" :value="$at"/>
                <x-form.field name="ready" :label="__('plan.ready')" type="time" :value="$ready"/>
                <x-form.field name="minutes" :label="__('plan.minutes')" inputmode="numeric" :value="$minutes"/>
            </div>
            <p class="muted small">{{ __('plan.soonest') }}</p>
            <fieldset class="plan__people">
                <legend class="form-label">{{ __('plan.hands') }}</legend>
                @foreach ([1, 2] as $count)
                    <label class="check-row"><input type="radio" name="people" value="{{ $count }}" @checked(count($people) === $count)>
                        <span>{{ trans_choice('plan.people', $count) }}</span></label>
                @endforeach
            </fieldset>
            <p class="mt-3 mb-0"><button class="push">{{ __('plan.go') }}</button></p>
        </form>
    </div>
    @endif
</x-layout>
