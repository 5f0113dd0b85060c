<section class="reveals" x-ref="reveals" aria-labelledby="reveals">
    <form method="post" action="{{ route('machines.trait', [$machine, $trait->id]) }}" x-on:submit="reveal">
        @csrf
        @method('put')
        <input type="hidden" name="round" value="{{ $round->id }}">
        <input type="hidden" name="step" value="{{ $step->id }}">
        <fieldset>
            <legend id="reveals"><span class="muted">{{
                __('views/components/form/trait-question.before_you_go_on') }}</span> {{ $trait->ask }}</legend>
            @if ($trait->number)
                <div class="week"><input class="form-control" type="number" name="value" inputmode="decimal" step="any"
                    min="{{ $in->range($trait->number)->least }}" max="{{ $in->range($trait->number)->most }}" required
                    aria-label="{{ $trait->ask }}@if ($trait->unit) ({{ $in->name }})@endif">
                    @if ($trait->unit)<span>{{ $in->name }}</span>@endif<button class="push">{{
                        __('views/components/form/trait-question.note_it') }}</button></div>
            @else
                <div class="reveals__answers">@foreach ($trait->options as $option)<button class="push" name="value"
                    value="{{ $option->id }}">@if ($trait->drawn)<x-form.option-drawing
                    :name="$trait->id.'-'.$option->id"/>@endif<span>{{ $option->name }}</span></button>@endforeach</div>
            @endif
            <p class="muted small mb-0">
                {{ __('views/components/form/trait-question.cant_tell_go_on_you_are', ['what' => $trait->hint ??
                    __('views/components/form/trait-question.the_steps_then_fit_your_machine')]) }}</p>
        </fieldset>
    </form>
</section>
