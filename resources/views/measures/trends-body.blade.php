<h1>{{ $head }}</h1>
@if ($instruments)
    <ul class="instruments clean-list">
        @foreach ($instruments as [$name, $address, $about])
            <li><a class="tile instrument"
                href="{{ $address }}"><strong>{{ $name }}</strong><span class="muted">{{ $about }}</span></a></li>
        @endforeach
    </ul>
@endif
@if ($lines)
    <nav class="chips no-print" aria-label="{{ __('measures.trend.how_long') }}">
        @foreach ($choices as $each)
            <a class="chip" @if ($each === $years) aria-current="true" @endif
                href="{{ route('measures', [$machine, 'years' => $each]) }}">{{ trans_choice('measures.trend.years', $each,
                    ['n' => $each]) }}</a>
        @endforeach
    </nav>
    <div class="trends">
        @foreach ($lines as $line)
            <section @class(['tile', 'trend', 'trend--unusual' => $line->isUnusual]) aria-labelledby="s-{{ $line->id }}">
                <div class="trend__head"><h2 id="s-{{ $line->id }}">{{ $line->name }}</h2>
                    <strong class="nums">{{ $line->newest }}</strong></div>
                <p class="mb-1">{{ $line->said }}</p>
                <x-measure.trend :line="$line" :from="$from"/>
                <details class="no-print"><summary>{{ __('measures.trend.table') }}</summary>
                    <table class="plain"><thead><tr>
                        <th scope="col">{{ __('measures.trend.day') }}</th><th scope="col">{{ $line->name }}</th>
                        </tr></thead><tbody>
                        @foreach ($line->table as [$day,
                            $figure])<tr><td>{{ $day }}</td><td class="nums">{{ $figure }}</td></tr>@endforeach
                        </tbody></table>
                    <p class="mb-0"><a download href="{{ route('measures.table', [$machine,
                        $line->id]) }}">{{ __('measures.trend.csv') }}</a></p>
                </details>
            </section>
        @endforeach
    </div>
    <p class="muted small trend__key">{{ __('measures.trend.key') }}</p>
@endif
@unless ($lines)<p class="muted">{{ __('measures.trend.rounds') }}</p>@endunless
