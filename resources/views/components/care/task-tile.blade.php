@use('App\View\Words\Dates')
<section class="tile" id="task" {{ App\View\Pages\Rhythm\CareFacts::of($task) }} aria-labelledby="task-name" tabindex="-1">
    <div class="part-head">
        <x-drawing.glass :wear="$task->rhythm->wear" :size="56" :unknown="$task->neverOpened()"/>
        <div>
            <h2 id="task-name">{{ $task->name() }}</h2>
            <p class="muted">{{ $state() }}</p>
        </div>
    </div>
    <p><strong>Rhythm: {{ $rhythm() }}</strong>{{ count($task->rhythm->clocks) > 1 ? ', whichever comes first' : '' }}.</p>
    @if ($task->graded && $chart->curve !== '')
        <svg class="chart" viewBox="0 0 400 118" role="img"
            aria-label="Soil over the last openings: it grew to what was found, fell to what was left, and stands at
                {{ $task->rhythm->blockedNow->percent() }} % now.">
            <path class="clean-by" d="M0 {{ $chart->cleanBy }} H400"/>
            <path class="soil-line" d="{{ $chart->curve }}"/>
            <text class="copper" x="0" y="{{ $chart->cleanBy - 6 }}">clean by</text>
            <path class="ink-line w-thin" opacity="0.3" d="M0 97 H400"/>
            @foreach ($chart->marks as [$x, $y, $day])
                @if ($x < 340 && ($loop->index % 2 === 0 || count($chart->marks) < 4))
                    <text x="{{ min(360, max(18, $x)) }}" y="114" text-anchor="middle">{{ Dates::short($day) }}</text>
                @endif
            @endforeach
            <text x="400" y="114" text-anchor="end">now</text>
        </svg>
    @endif
    <ul class="clean-list small mb-3">
        <li>{{ $line->reason() }}</li>
        @foreach ($line->more() as $reason)<li>{{ $reason }}</li>@endforeach
        @if ($line->sure())<li>{{ $line->sure() }}</li>@endif
    </ul>
    @if ($off = $off())
        <h3>How it comes off here</h3>
        <ol>@foreach ($off as $each)<li>{{ $each }}</li>@endforeach</ol>
    @endif
    @if ($task->graded)<x-care.last-openings :care="$task" :handbook="$handbook" :today="$today" :count="4"/>@endif
    <div class="with-gap mt-3">
        @foreach ($task->procedures() as $procedure => $name)
            <x-care.start-round :care="$task" :procedure="$procedure" :main="$loop->first && ! $running">
                {{ $loop->first ? 'Start: '.mb_strtolower($name) : $name }}</x-care.start-round>
        @endforeach
        @unless ($machine->ownTasks()->task($id))<a class="push push--quiet"
            href="{{ route('rounds.create', [$machine, 'part' => $task->task->part]) }}">With other jobs</a>@endunless
        <a class="push push--quiet"
            href="{{ route('handbook.procedure', [$kind->id, array_key_first($task->procedures()), 'machine' => $machine->id]) }}">Read it
            first</a>
        @if ($machine->ownTasks()->task($id))<a class="push push--quiet" href="{{ route('tasks.edit', [$machine, $id]) }}">Change this
            task</a>@endif
    </div>
    <p class="mt-3 mb-0"><a class="why-link" href="{{ route('rhythm.why', [$machine, $id]) }}">{{ __('today.why') }}</a></p>
    @if ($caused)
        <h3 class="mt-3">What it caused, left too long</h3>
        @foreach ($caused as [$name, $trace])<p class="mb-1">
            <a href="{{ route('traces.show', $trace) }}">{{ $name }}</a>, {{ $began($trace->begun_at) }}</p>@endforeach
    @endif
    @if ($pointed)<p class="mb-0">
        <a class="why-link" href="{{ route('traces.create', [$machine, 'task' => $id]) }}">Something points to it?</a></p>@endif
    <details class="mt-2" @if ($errors->hasAny(['on', 'found', 'left', 'measured'])) open @endif>
        <summary>It was done without a round</summary>
        <form method="post" action="{{ route('openings.store', $machine) }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <input type="hidden" name="task" value="{{ $id }}">
            <x-form.field name="on" label="When?" type="date" :value="(string) $today" :max="(string) $today" required/>
            @if ($task->graded)
            @foreach (['found' => 'How was it?', 'left' => 'How did it go back?'] as $name => $ask)
                <div class="field">
                    <label class="form-label" for="o-{{ $name }}">{{ $ask }}</label>
                    <select class="form-select" id="o-{{ $name }}" name="{{ $name }}" @invalid($name)>
                        @foreach ($handbook->scales()->scale($task->scale())->grades as $grade)
                            <option value="{{ $grade->id }}"
                                @selected(old($name) === null ? ($name === 'found' ? $loop->index === 2 : $loop->first)
                                : old($name) === $grade->id)>{{ $grade->name }}: {{ $grade->look }}</option>
                        @endforeach
                    </select>
                    <x-form.field-error :name="$name"/>
                </div>
            @endforeach
            <x-form.field name="measured" label="Or measured: how much was blocked, in %" type="number" min="0" max="100" step="any"
                inputmode="decimal" hint="Blocked jets of all jets, or of the mesh. It counts instead of the picture."/>
            @endif
            <p class="mt-3 mb-0"><button class="push">Write it down</button></p>
        </form>
    </details>
</section>
