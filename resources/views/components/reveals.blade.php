@props(['traits', 'machine', 'round'])
{{-- What can be seen of the machine now and nobody has said yet: one tap each, outside the form of the step. --}}
<section class="reveals" x-ref="reveals" aria-labelledby="reveals">
    <h2 id="reveals">Now that you see it</h2>
    @foreach ($traits as $trait)
        <form method="post" action="{{ route('machines.trait', [$machine, $trait->id]) }}" x-on:submit="reveal">
            @csrf
            @method('put')
            <input type="hidden" name="round" value="{{ $round->id }}">
            <fieldset>
                <legend>{{ $trait->ask }}</legend>
                @if ($trait->hint)<p class="hint">{{ $trait->hint }}</p>@endif
                @if ($trait->number)
                    <div class="week"><input class="form-control" type="number" name="value" inputmode="numeric" min="{{ $trait->number->least }}" max="{{ $trait->number->most }}" required aria-label="{{ $trait->ask }}"><button class="push">{{ $trait->unit ? $trait->unit.', note it' : 'Note it' }}</button></div>
                @else
                    <div class="reveals__answers">@foreach ($trait->options as $option)<button class="push" name="value" value="{{ $option->id }}">@if ($trait->drawn)<x-option-drawing :name="$trait->id.'-'.$option->id"/>@endif<span>{{ $option->name }}</span></button>@endforeach</div>
                @endif
            </fieldset>
        </form>
    @endforeach
    <p class="muted small mb-0">It fits the steps to your machine. Can't tell? Go on; you are asked the next time.</p>
</section>
