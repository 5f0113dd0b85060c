@use('App\View\Words\Dates')
@use('App\View\Words\Uses')
{!! __('reminders.hello', ['name' => $person->name]) !!}

{!! trans_choice('reminders.due', count($list->tasks), ['count' => Uses::small(count($list->tasks)), 'minutes'
    => (int) ceil($list->minutes)]) !!}

@foreach ($list->tasks as $task)
- {!! $task->name() !!}, {!! $task->machine->name !!}{!! $task->rhythm()->dueOn
    ? ': '.__('reminders.since', ['day' => Dates::weekday($task->rhythm()->dueOn)]) : '' !!}
  {!! route('machines.show', [$task->machine, 'task' => $task->task()->id]) !!}
@endforeach

{!! __('reminders.go', ['url' => route('today')]) !!}

--
{!! __('reminders.stop', ['url' => $stop]) !!}
