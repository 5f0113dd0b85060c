@if (! $pieces)
    <p class="muted small mb-0" data-tray>{{ $apart->isReturned ? __('views/components/round/tray.all_back')
        : __('views/components/round/tray.nothing_yet_what_you_take_off') }}</p>
@else
    <svg class="tray" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img" data-tray
        aria-label="{{ __('views/components/round/tray.in_the_tray_goes_back', ['contents' => $contents(), 'goes_back' => $goesBack]) }}">
        <path class="rim-line w-stout" d="M6 4 V{{ $drawing->height - 18 }} Q6 {{ $drawing->height - 4 }} 20 {{ $drawing->height - 4 }}
            H{{ $drawing->width - 20 }} Q{{ $drawing->width - 6 }} {{ $drawing->height - 4 }} {{ $drawing->width - 6 }}
            {{ $drawing->height - 18 }} V4"/>
        @foreach ($drawing->rows as $row)
            <g transform="translate(16 {{ $row['y'] }})">
                <x-drawing.tray-sign :part="$row['piece']->part"/>
                <text class="tray__name" x="50" y="18">{{ $row['number'] }} {{ $row['piece']->name }}</text>
                @for ($i = 0; $i < $row['heads']; $i++)
                    <g transform="translate({{ 56 + 15 * $i }} 33)"><circle class="ink-line w-thin" r="5"/>
                        <path class="ink-line w-thin" d="M-3 0 H3"/></g>
                @endfor
                @foreach ($row['lines'] as $i => $line)<text class="tray__note" x="50"
                    y="{{ ($row['heads'] ? 56 : 36) + 17 * $i }}">{{ $line }}</text>@endforeach
            </g>
        @endforeach
    </svg>
    <p class="muted small">{{ __('views/components/round/tray.goes_back', ['goes_back' => mb_strtolower($goesBack)]) }}</p>
    @if ($top?->stepBack)
        <details>
            <summary class="small">{{ __('views/components/round/tray.is_back_already', ['top' => $top->name]) }}</summary>
            <form method="post" action="{{ route('ticks.store', $round) }}" class="mb-0">
                @csrf
                <input type="hidden" name="id" value="{{ Str::ulid() }}">
                <input type="hidden" name="step" value="{{ $top->stepBack }}">
                <p class="small mb-2">{{ __('views/components/round/tray.only_if_you_have_really_put') }}</p>
                <button class="push push--quiet push--wide small">{{ __('views/components/round/tray.yes_it_is_back') }}</button>
            </form>
        </details>
    @endif
@endif
@foreach ($apart->leftOver as $id => $left)
    <p class="hazard small mb-0"><strong>{{ __('views/components/round/tray.left_over') }}</strong> {{
        __('views/components/round/tray.from_the', ['id' => $part($id), 'left' => $counted($left)]) }}</p>
@endforeach
@if ($apart->leftOn)<p class="muted small mb-0">{{
    __('views/components/round/tray.left_on', ['left_on' => $parts($apart->leftOn)]) }}</p>@endif
@if ($apart->early)<p class="muted small mb-0">{{
    __('views/components/round/tray.back_early', ['early' => $parts($apart->early)]) }}</p>@endif
