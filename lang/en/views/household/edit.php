<?php

declare(strict_types=1);

return [
    'household' => 'Household',
    'kitchen' => 'Kitchen',
    'water_and_vinegar' => 'Water and vinegar',
    'hard_water_lays_down_lime_and' => 'Hard water leaves lime, and how often a brewer is descaled follows from it. The supplier’s page '
        .'or a test strip says how hard yours is. Leave it empty if you don’t know.',
    'read_it_off_a_strip_and' => 'Read it off a strip, and see what moves',
    'hardness' => 'Hardness',
    'in' => 'in',
    'your_vinegar' => 'Your vinegar',
    'acid' => ':strength % acid',
    'what_trouble_costs' => 'What trouble costs',
    'an_hour_of_your_time' => 'An hour of your time',
    'having_somebody_come' => 'A technician’s call-out',
    'the_sign_of_your_money_if' => 'Your currency sign (if you like)',
    'kr' => '€, kr, £',
    'it_decides_when_calling_a_technician' => 'It decides when calling a technician makes more sense.',
    'house_rule' => 'House rule',
    'no_harsh_chemicals_no_round_uses' => 'No harsh chemicals: no round uses bleach or a strong degreaser, and pages that name one say '
        .'never.',
    'save' => 'Save',
    'people' => 'People',
    'send_this_link_to_one_person' => 'Send this link to one person. It works once, for a week, and is shown only now.',
    'copy_it' => 'Copy it',
    'invite_somebody' => 'Invite someone',
    'open_invitation_until' => 'Open invitation, until :format',
    'take_it_back' => 'Take it back',
    'reminders' => 'Reminders',
    'a_calendar_to_subscribe_to_and' => 'A calendar to subscribe to, and a mail when something falls due.',
    'calendar_and_mail' => 'Calendar and mail',
    'counters' => 'Counters',
    'your_screen' => 'Your screen',
    'as_the_device_has_it' => 'As the device has it',
    'light' => 'Light',
    'dark' => 'Dark',
    'use_this' => 'Use this',
    'log_out' => 'Log out :user',
];
