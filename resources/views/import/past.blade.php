@use('App\View\Words\Dates')
<x-layout :title="__('exchange.past.title')" place="logbook">
    <h1>{{ __('exchange.past.title') }}</h1>
    <form class="tile" method="post" action="{{ route('past') }}" enctype="multipart/form-data">
        @csrf
        <input type="hidden" name="id" value="{{ $id ?: Str::ulid() }}">
        <x-form.table-input :table="$table" :text="$text" words="past">
            @if ($table?->good)
                <div class="table-scroll"><table class="plain">
                    @foreach (array_slice($table->good, 0, 12) as $line)
                        <tr><td>{{ Dates::day($line->day) }}</td><td>{{ $line->task->machine->name }}</td><td>{{ $line->task->name() }}</td>
                            <td>{{ $line->found?->name }}</td></tr>
                    @endforeach
                </table></div>
            @endif
        </x-form.table-input>
    </form>
</x-layout>
