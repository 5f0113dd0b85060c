<?php

declare(strict_types=1);

return [
    'after' => 'after',
    'on' => 'on',
    'that_reading_waits' => 'This reading is not counted yet',
    'readings_wait' => 'readings wait',
    'it_showed_on_until_you_say' => 'It showed :total on :at:at2. :what until you say why.',
    'it_was_replaced_or_set_back' => 'It was replaced or set back to 0',
    'another_one_which_had_counted_before' => 'Another one, which had counted before',
    'the_readings_are_wrong' => 'The readings are wrong',
    'what_it_sent' => 'What it sent',
    'its_token' => 'Its token',
    'give_it_to_the_device_it' => 'Give it to the device. It is shown only now.',
    'copy_it' => 'Copy it',
    'it_has_none_nothing_it_sends' => 'It has no token, so nothing it sends is accepted.',
    'only_a_trace_of_it_is' => 'Only a fingerprint of it is kept, so it cannot be shown again.',
    'make_a_new_one' => 'Make a new one',
    'shut_it_out' => 'Block it',
    'simulator' => 'Simulator',
    'makes_up_since_it_last_spoke' => 'Makes up :use_unit since its last data, sends some twice and out of order, then counts '
        .'on for a few seconds.',
    'start_the_simulator' => 'Start the simulator',
    'or_in_a_terminal' => 'Or in a terminal:',
    'php_artisan_device' => 'php artisan device:simulate :id',
    'for_one_of_your_own' => 'For one of your own',
    'it_posts_json_to' => 'It posts JSON to',
    'with_the_header' => 'with the header',
    'authorization_bearer' => 'Authorization: Bearer …',
    'sending_an_event_twice_is_harmless' => '. Sending an event twice is harmless.',
    'example' => <<<'JSON'
        {"sent": "2026-01-05T20:00:00Z",
         "events": [{"id": "a1",
           "at": "2026-01-05T19:40:00Z",
           "total": 118}]}
        JSON,
];
