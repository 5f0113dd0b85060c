@props(['lanes', 'label', 'moves' => false, 'people' => 1])
<section class="tile mb-3 plan__lanes" tabindex="0" role="region" aria-label="{{ __('plan.drawing') }}">
    <svg class="lanes" viewBox="0 0 {{ $lanes->width() }} {{ $lanes->height() }}"
        role="{{ $moves ? 'group' : 'img' }}" aria-label="{{ $label }}"
        @if ($moves) x-data="planLanes" data-minutes="{{ $lanes->minutesPerUnit() }}" @endif>
        @foreach ($lanes->ticks as [$minutes, $time])
            <path class="lanes__tick" d="M{{ $lanes->x($minutes) }} 22 V{{ $lanes->height() - 6 }}"/>
            <text class="lanes__text" x="{{ $lanes->x($minutes) }}" y="15" text-anchor="middle">{{ $time }}</text>
        @endforeach
        @foreach ($lanes->lanes as $lane => $name)
            <path class="lanes__line" d="M0 {{ $lanes->y($lane) + 46 }} H900"/>
            <text class="lanes__name" x="4" y="{{ $lanes->y($lane) + 28 }}">{{ Str::limit($name, 15) }}</text>
        @endforeach
        @foreach ($lanes->pieces() as $piece)
            <g @class(['lanes__block', 'lanes__block--moves' => $moves && $piece['line']->number && $piece['isMain']])
                @if ($moves && $piece['line']->number && $piece['isMain']) tabindex="0" role="button" data-block="{{ $piece['line']->id }}"
                    data-from="{{ $piece['line']->from }}" data-hand="{{ $piece['line']->hand }}"
                    aria-label="{{ $piece['line']->label() }}" aria-describedby="lanes-keys"
                    x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:keydown="key" @endif>
                <title>{{ $piece['line']->label() }}</title>
                <rect @class(['lanes__piece', 'lanes__piece--wait' => $piece['line']->number === null && ! $piece['line']->isDone,
                    'lanes__piece--done' => $piece['line']->isDone, 'lanes__piece--set' => $piece['line']->at !== '']) x="{{ $piece['x'] }}"
                    y="{{ $piece['y'] }}" width="{{ $piece['width'] }}" height="36" rx="6"/>
                @if ($piece['text'])<text class="lanes__number" x="{{ $piece['x'] + $piece['width'] / 2 }}" y="{{ $piece['y'] + 23 }}"
                    text-anchor="middle">{{ $piece['text'] }}</text>@endif
            </g>
        @endforeach
        @foreach ($lanes->gaps() as $gap)<text class="lanes__gap" x="{{ $gap['x'] }}" y="{{ $gap['y'] }}"
            text-anchor="middle">{{ $gap['text'] }}</text>@endforeach
        @if ($lanes->past !== null)
            <path class="lanes__now" d="M{{ $lanes->x(0) }} 20 V{{ $lanes->height() - 4 }}"/>
            <text class="lanes__now-text" x="{{ $lanes->x(0) + 4 }}" y="{{ $lanes->height() - 4 }}">{{ __('plan.now') }}</text>
        @endif
    </svg>
    @if ($moves)<p class="muted small mb-0 d-none d-md-block" id="lanes-keys">{{ __('plan.keys') }}
        {{ $people > 1 ? __('plan.keys_two') : '' }}</p>@endif
</section>
