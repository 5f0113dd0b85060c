<?php

declare(strict_types=1);

return [
    'handbook' => 'Handbook',
    'minutes_of_your_hands' => '{1} A minute of your hands|[0,*] :count minutes of your hands',
    'made_of' => 'Made of: :runs.',
    'not_on_this_machine' => 'Not on this machine.',
    'not_for_this_machine' => 'Not for this machine.',
    'it_is_made_otherwise_below_is' => 'Yours is built differently; below is how it is done where it applies.',
    'on' => 'On:',
    'start_it_on' => 'Start it on :machine',
    'step_by_step' => 'Step by step',
    'the_machine_works' => 'the machine works',
    'never_more_than' => 'never more than',
    'only_when_the_answers_before_call' => 'Only when the answers before call for it.',
    'when_you_finish' => 'When you finish',
    'your_note_for' => 'Your note for :machine',
    'it_stands_beside_every_step_when' => 'It is shown beside every step when you do it.',
    'keep_the_note' => 'Keep the note',
    'within_reach' => 'Within reach',
    'why_this_way' => 'Why this way',
    'left_out_here' => 'Left out here',
];
