<?php

declare(strict_types=1);

return [
    'title' => 'How this works',
    'link' => 'How this works',
    'head' => 'How this works.',
    'lead' => 'Everything here rests on four ideas. You can start without knowing any of them.',
    'got_it' => 'Got it',
    'about' => [
        'round' => [
            'head' => 'A round',
            'text' => 'A round is one cleaning session on one machine, a step at a time. Pieces you take off are listed in the '
                .'tray, in order, so that nothing is left over. You can pause at any step. What you ticked is kept, with or '
                .'without a network.',
            'hint' => 'This is a round: one step at a time. What you take off is listed as “off the machine” until it is back. '
                .'Pause whenever you like.',
        ],
        'rhythm' => [
            'head' => 'A rhythm',
            'text' => 'Each job has an interval. It starts from how you use the machine, and every time you look inside, what you '
                .'find makes it longer or shorter. Each date shows where it comes from.',
            'hint' => 'These intervals learn. Each time you look inside and say how it was, the next date moves, and the page '
                .'“Why, or not now?” shows how.',
        ],
        'keep-apart' => [
            'head' => 'Keep apart',
            'text' => 'Some cleaners must never meet, and a vessel remembers what went into it until it is rinsed. Write down what '
                .'you pour; a step that would mix two of them is stopped, and says what clears the vessel first.',
            'hint' => 'A vessel remembers what went into it. Until it is cleared, a step that would mix two things which must not '
                .'meet is stopped.',
        ],
        'trace' => [
            'head' => 'A trace',
            'text' => 'When something is wrong, a trace finds the cause: one check at a time, the cheapest and likeliest first, and '
                .'it says when calling a technician makes more sense. What fixed it here is remembered for the next time.',
            'hint' => 'A trace asks one thing at a time, the most useful first. Answer what you see; “Don’t know” is a good answer.',
        ],
    ],
    'places' => 'Where things are',
    'place' => [
        'today' => 'what is due now, and why',
        'kitchen' => 'your machines, their details, the cupboard',
        'rhythm' => 'how often each job comes, and what moves it',
        'logbook' => 'all that happened; here you undo or correct',
        'handbook' => 'how each job is done, what to keep apart, symptoms',
        'household' => 'people, water, measures, reminders, export',
    ],
    'keys' => 'Keys in a round',
    'keys_change' => 'Change them or switch them off',
    'keys_off' => 'They are switched off.',
    'more' => 'What the signs mean',
    'glass' => 'The glass clouds as a part gets dirty. The copper mark is the line at which it is due.',
    'bar' => 'The bar shows when a job most likely falls due: the blue mark is its date, the copper pin is today.',
];
