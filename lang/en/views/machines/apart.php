<?php

declare(strict_types=1);

return [
    'how_the' => 'How the',
    'comes_apart' => 'comes apart',
    'how_it_comes_apart' => 'How it comes apart.',
    'what_the_handbook_says_of_a' => 'What the handbook says of a machine like yours, and what you changed. Rounds, '
        .'kit list, tray and door card '
        .'all follow this page.',
    'comes_along' => 'Comes off:',
    'your_picture_of_how_the_is' => 'Your picture of how the :line is held',
    'added_by_you_it_comes_off' => 'Added by you. It comes off before:',
    'as_the_handbook_has_it' => 'As the handbook has it.',
    'set_right_by_you' => 'Changed by you.',
    'take_away' => 'Take away: :line',
    'take_this_part_away' => 'Take this part away',
    'set_right' => 'Correct: :line',
    'mine_is_different' => 'Mine is different',
    'a_round_for' => 'A round for: :line',
    'a_round_for_it' => 'A round for it',
    'nothing_comes_off_a_machine_like' => 'Nothing comes off a machine like this.',
    'mine_has_a_part_that_is' => 'Mine has a part that is not listed',
    'what_do_you_call_it' => 'What do you call it?',
    'it_has_to_come_off_before' => 'It has to come off before',
    'how_it_comes_off_or_anything' => 'How it comes off, or anything else to know',
    'add_this_part' => 'Add this part',
];
