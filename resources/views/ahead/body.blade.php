@if (! $hasMachines)
    <x-care.first-machine/>
@else
<h1>{{ $head }}</h1>
<p class="lead-line">{{ __('plan.ahead.lead') }}</p>
@if ($moved)
    <section class="remedy" role="status">
        <strong>{{ __('plan.ahead.moved_head') }}</strong>
        <ul class="clean-list">@foreach ($moved as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
    </section>
@endif
<div class="two-tiles">
    <section class="tile">
        <ol class="ahead">
            @foreach ($lines as $line)
                <li>
                    <p class="ahead__day"><strong>{{ $line->day }}</strong> <span class="muted">{{ $line->minutes }}</span>
                        <a class="why-link" href="{{ $line->url }}">{{ __('plan.ahead.plan') }}<span class="visually-hidden">:
                            {{ $line->day }}</span></a></p>
                    @foreach ($line->machines as $machine => $tasks)
                        <p class="mb-0"><strong>{{ $machine }}</strong> {{ mb_strtolower(implode(', ', $tasks)) }}</p>
                    @endforeach
                </li>
            @endforeach
        </ol>
        @if ($between)
            <h2 class="h3">{{ __('plan.ahead.between') }}</h2>
            @foreach ($between as $machine => $tasks)
                <p class="mb-0"><strong>{{ $machine }}</strong> {{ mb_strtolower(implode(', ', $tasks)) }}</p>
            @endforeach
        @endif
    </section>
    <div>
        <form class="tile mb-3" method="get" action="{{ route('ahead') }}">
            <h2>{{ __('plan.ahead.how') }}</h2>
            @foreach (['suits', 'days'] as $mode)
                <label class="check-row"><input type="radio" name="mode" value="{{ $mode }}" @checked($wish->mode === $mode)>
                    <span>{{ __("plan.ahead.modes.$mode") }}</span></label>
            @endforeach
            <div class="plan__times">
                <div class="field"><label class="form-label" for="f-which">{{ __('plan.ahead.which') }}</label>
                    <select class="form-select" id="f-which" name="which">@foreach (__('plan.ahead.weeks') as $which => $name)
                        <option value="{{ $which }}" @selected($wish->which === $which)>{{ $name }}</option>@endforeach</select></div>
                <div class="field"><label class="form-label" for="f-weekday">{{ __('plan.ahead.weekday') }}</label>
                    <select class="form-select" id="f-weekday" name="weekday">@foreach ($weekdays as $day => $name)
                        <option value="{{ $day }}" @selected($wish->weekday === $day)>{{ $name }}</option>@endforeach</select></div>
                <x-form.field name="minutes" :label="__('plan.ahead.minutes')" inputmode="numeric" :value="$wish->minutes"/>
            </div>
            <p class="mt-3 mb-0"><button class="push">{{ __('plan.ahead.look') }}</button></p>
        </form>
        <section class="tile mb-3">
            @if ($isKept)
                <p>{{ __('plan.ahead.is_kept') }}</p>
                <form method="post" action="{{ route('ahead') }}">@csrf @method('put')<input type="hidden" name="mode" value="none">
                    <button class="push">{{ __('plan.ahead.keep_none') }}</button></form>
            @else
                <form method="post" action="{{ route('ahead') }}">
                    @csrf
                    @method('put')
                    @foreach (['mode', 'which', 'weekday', 'minutes'] as $name)<input type="hidden" name="{{ $name }}"
                        value="{{ $wish->$name }}">@endforeach
                    <button class="push push--main push--wide">{{ __('plan.ahead.keep') }}</button>
                </form>
            @endif
        </section>
        <section class="tile">
            <h2>{{ __('plan.ahead.compare') }}</h2>
            <table class="plain">
                <thead><tr><td></td><th scope="col">{{ __('plan.ahead.with') }}</th>
                    <th scope="col">{{ __('plan.ahead.without') }}</th></tr></thead>
                <tbody>
                    @foreach ($compared as [$what, $with, $without])
                        <tr><th scope="row">{{ $what }}</th><td class="nums">{{ $with }}</td><td class="nums">{{ $without }}</td></tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    </div>
</div>
@endif
