<section class="reveals" x-ref="reveals" aria-labelledby="reveals">
    <form method="post" action="{{ route('machines.trait', [$machine, $trait->id]) }}" x-on:submit="reveal">
        @csrf
        @method('put')
        <input type="hidden" name="round" value="{{ $round->id }}">
        <input type="hidden" name="step" value="{{ $step->id }}">
        <fieldset>
            <legend id="reveals"><span class="muted">Before you go on:</span> {{ $trait->ask }}</legend>
            @if ($trait->number)
                <div class="week"><input class="form-control" type="number" name="value" inputmode="decimal" step="any"
                    min="{{ $in->range($trait->number)->least }}" max="{{ $in->range($trait->number)->most }}" required
                    aria-label="{{ $trait->ask }}@if ($trait->unit) ({{ $in->name }})@endif">
                    @if ($trait->unit)<span>{{ $in->name }}</span>@endif<button class="push">Note it</button></div>
            @else
                <div class="reveals__answers">@foreach ($trait->options as $option)<button class="push" name="value"
                    value="{{ $option->id }}">@if ($trait->drawn)<x-form.option-drawing
                    :name="$trait->id.'-'.$option->id"/>@endif<span>{{ $option->name }}</span></button>@endforeach</div>
            @endif
            <p class="muted small mb-0">
                {{ $trait->hint ?? 'The steps then fit your machine.' }} Can't tell? Go on; you are asked again the next time.</p>
        </fieldset>
    </form>
</section>
