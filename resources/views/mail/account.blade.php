{!! $person ? __('reminders.hello', ['name' => $person->name]) : __('reminders.hello_you') !!}

{!! $line !!}

{!! $link !!}

{!! $after ?? __('account.mail_not_you') !!}
