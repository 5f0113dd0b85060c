<?php

declare(strict_types=1);

return [
    'head' => 'Keys in a round',
    'line' => 'Space means done, the left arrow goes back, and 1 to 5 pick an answer. These keys you can choose:',
    'on' => 'Use single keys in a round',
    'off_hint' => 'Switch them off if you dictate, or if a hand rests on the keyboard.',
    'save' => 'Save the keys',
    'kept' => 'Saved. They count from the next step on.',
    'one' => 'Give one letter or sign, not a digit.',
    'twice' => '“:key” is taken by another of these. Give a different one.',
    'for' => [
        'all' => 'All of the kit is here',
        'more' => 'One more, where you count',
        'timer' => 'Go to the timer',
        'note' => 'Write a note',
        'keys' => 'Show the keys',
    ],
    'dialog' => [
        'title' => 'Keys',
        'done' => 'done, on to the next step',
        'pick' => 'pick that answer',
        'back' => 'back one step',
        'all' => 'all of the kit is here, on to the next step',
        'more' => 'one more, where something is counted',
        'timer' => 'to the timer',
        'note' => 'write a note',
        'keys' => 'these keys',
        'space' => 'space',
        'off' => 'Single keys are switched off.',
        'change' => 'Change the keys',
        'close' => 'Close',
    ],
];
