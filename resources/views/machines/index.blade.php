<x-layout :title="__('places/kitchen.title')" place="kitchen">
    <div class="kitchen__head">
        <h1>{{ $headline }}</h1>
        <p class="with-gap mb-0">
            <a @class(['push', 'push--main' => ! $rooms]) href="{{ route('machines.create') }}">{{ __('places/kitchen.add') }}</a>
            <a class="push" href="{{ route('cupboard') }}">{{ __('places/kitchen.cupboard') }}</a>
            <a class="push push--quiet" href="{{ route('tasks.index') }}">{{ __('places/kitchen.tasks') }}</a>
        </p>
    </div>
    <div class="kitchen">
        @foreach ($rooms as $room)
            <section @class(['tile', 'room', 'room--many' => $room->isMany(),
                'room--large' => $loop->first && count($rooms) > 1 && ! $room->isMany()]) aria-labelledby="room-{{ $loop->index }}">
                <h2 id="room-{{ $loop->index }}" @class(['visually-hidden' => $room->name === null && count($rooms) === 1])>{{
                    $room->name ?? __('places/kitchen.nowhere') }}</h2>
                @foreach ($room->levels as $level => $tiles)
                    <ul class="level level--{{ $level }}">
                        @foreach ($tiles as $tile)
                            <li><a @class(['stands', 'stands--due' => $tile->isDue()])
                                href="{{ route('machines.show', $tile->care->machine) }}" @if ($tile->first)
                                {{ App\View\Pages\Rhythm\CareFacts::of($tile->first) }} @endif>
                                <x-machine.figure :figure="$tile->figure" :due="$tile->isDue()"/>
                                <span class="stands__words">
                                    <strong class="display">{{ $tile->care->machine->name }}</strong>
                                    <span class="stands__state"><x-drawing.glass :wear="$tile->first?->rhythm()->wear ?? 0" :size="40"
                                        :unknown="$tile->first === null || $tile->first->neverOpened()"/>
                                        <span>{{ $tile->state() }}</span></span>
                                    @if ($trouble = $tile->trouble())<span class="stands__wrong">{{ $trouble }}</span>@endif
                                </span>
                            </a></li>
                        @endforeach
                    </ul>
                @endforeach
            </section>
        @endforeach
    </div>
    @if ($aside)
        <section class="tile mt-3" aria-labelledby="aside">
            <h2 id="aside">{{ __('places/retired.aside') }}</h2>
            <ul class="clean-list rows">@foreach ($aside as [$machine, $how])<li><a class="row-link"
                href="{{ route('machines.show', $machine) }}"><span><strong>{{ $machine->name }}</strong>
                <span class="muted">{{ $how }}</span></span></a></li>@endforeach</ul>
        </section>
    @endif
</x-layout>
