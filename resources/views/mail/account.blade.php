{!! __('reminders.hello', ['name' => $person->name]) !!}

{!! $line !!}

{!! $link !!}

{!! __('account.mail_not_you') !!}
