@use('App\View\Words\Dates')
<section class="tile" id="task" {{ App\View\Pages\Rhythm\CareFacts::of($task) }} aria-labelledby="task-name" tabindex="-1">
    <div class="part-head">
        <x-drawing.glass :wear="$task->rhythm()->wear" :size="56" :unknown="$task->neverOpened()"/>
        <div>
            <h2 id="task-name">{{ $task->name() }}</h2>
            <p class="muted">{{ $state() }}</p>
        </div>
    </div>
    <p><strong>{{ __('views/components/care/task-tile.rhythm', ['rhythm' => $rhythm()]) }}</strong>{{ count($task->rhythm()->clocks) > 1
        ? ', '.__('views/components/care/task-tile.whichever_comes_first') : '' }}.</p>
    @if ($task->isGraded() && $chart->curve !== '')
        <svg class="chart" viewBox="0 0 400 118" role="img"
            aria-label="{{ __('views/components/care/task-tile.soil_over_the_last_openings_it', ['percent' =>
                $task->rhythm()->blockedNow->percent()]) }}">
            <path class="clean-by" d="M0 {{ $chart->cleanBy }} H400"/>
            <path class="soil-line" d="{{ $chart->curve }}"/>
            <text class="copper" x="0" y="{{ $chart->cleanBy - 6 }}">{{ __('views/components/care/task-tile.clean_by') }}</text>
            <path class="ink-line w-thin" opacity="0.3" d="M0 97 H400"/>
            @foreach ($chart->marks as [$x, $y, $day])
                @if ($x < 340 && ($loop->index % 2 === 0 || count($chart->marks) < 4))
                    <text x="{{ min(360, max(18, $x)) }}" y="114" text-anchor="middle">{{ Dates::short($day) }}</text>
                @endif
            @endforeach
            <text x="400" y="114" text-anchor="end">{{ __('views/components/care/task-tile.now') }}</text>
        </svg>
    @endif
    <ul class="clean-list small mb-3">
        <li>{{ $line->reason() }}</li>
        @foreach ($line->more() as $reason)<li>{{ $reason }}</li>@endforeach
        @if ($line->sure())<li>{{ $line->sure() }}</li>@endif
    </ul>
    @if ($off = $off())
        <h3>{{ __('views/components/care/task-tile.how_it_comes_off_here') }}</h3>
        <ol>@foreach ($off as $each)<li>{{ $each }}</li>@endforeach</ol>
    @endif
    @if ($task->isGraded())<x-care.last-openings :care="$task" :handbook="$handbook" :today="$today" :count="4"/>@endif
    <div class="with-gap mt-3">
        @foreach ($task->procedures() as $procedure => $name)
            <x-care.start-round :care="$task" :procedure="$procedure" :main="$loop->first && ! $running">
                {{ $loop->first ? __('views/components/care/task-tile.start').' '.mb_strtolower($name) : $name }}</x-care.start-round>
        @endforeach
        @unless ($machine->ownTasks()->task($id))<a class="push push--quiet"
            href="{{ route('rounds.create', [$machine, 'part' => $task->task()->part]) }}">{{
                __('views/components/care/task-tile.with_other_jobs') }}</a>@endunless
        <a class="push push--quiet"
            href="{{ route('handbook.procedure', [$kind->id, array_key_first($task->procedures()), 'machine' => $machine->id]) }}">{{
                __('views/components/care/task-tile.read_it_first') }}</a>
        @if ($machine->ownTasks()->task($id))<a class="push push--quiet" href="{{ route('tasks.edit', [$machine, $id]) }}">{{
            __('views/components/care/task-tile.change_this_task') }}</a>@endif
    </div>
    <p class="mt-3 mb-0"><a class="why-link" href="{{ route('rhythm.why', [$machine, $id]) }}">{{ __('today.why') }}</a></p>
    @if ($caused)
        <h3 class="mt-3">{{ __('views/components/care/task-tile.what_it_caused_left_too_long') }}</h3>
        @foreach ($caused as [$name, $trace])<p class="mb-1">
            <a href="{{ route('traces.show', $trace) }}">{{ $name }}</a>, {{ $began($trace->begun_at) }}</p>@endforeach
    @endif
    @if ($pointed)<p class="mb-0">
        <a class="why-link" href="{{ route('traces.create', [$machine, 'task' => $id]) }}">{{
            __('views/components/care/task-tile.something_points_to_it') }}</a></p>@endif
    <details class="mt-2" @if ($errors->hasAny(['on', 'found', 'left', 'measured'])) open @endif>
        <summary>{{ __('views/components/care/task-tile.it_was_done_without_a_round') }}</summary>
        <form method="post" action="{{ route('openings.store', $machine) }}">
            @csrf
            <input type="hidden" name="id" value="{{ Str::ulid() }}">
            <input type="hidden" name="task" value="{{ $id }}">
            <x-form.field name="on" :label="__('views/components/care/task-tile.when')" type="date" :value="(string) $today"
                :max="(string) $today" required/>
            @if ($task->isGraded())
            @foreach (['found' => __('views/components/care/task-tile.how_was_it'),
                'left' => __('views/components/care/task-tile.how_did_it_go_back')] as $name => $ask)
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
            <x-form.field name="measured" :label="__('views/components/care/task-tile.or_measured_how_much_was_blocked')" type="number"
                min="0" max="100" step="any"
                inputmode="decimal" :hint="__('views/components/care/task-tile.blocked_jets_of_all_jets_or')"/>
            @endif
            <p class="mt-3 mb-0"><button class="push">{{ __('views/components/care/task-tile.write_it_down') }}</button></p>
        </form>
    </details>
</section>
