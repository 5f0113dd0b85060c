<?php

declare(strict_types=1);

return [
    'of_the' => 'of the',
    'back_to_the_round' => 'Back to the round',
    'how_the' => 'How the',
    'comes_apart' => 'comes apart',
    'what_is_different_on_yours' => ':line: what is different on yours?',
    'how_many' => 'How many:',
    'what_lies_loose_under_it' => 'What is loose under it?',
    'washer_bushing_gasket_commas_between_empty' => 'Washer, bushing, gasket; commas between. Empty for nothing.',
    'what_has_to_come_off_before' => 'What has to come off before it?',
    'which_way_round_does_it_go' => 'Which way round does it go?',
    'anything_else_to_know' => 'Anything else to know',
    'add_a_picture' => 'Add a picture',
    'keep_it' => 'Keep it',
    'leave_it_as_it_is' => 'Leave it as it is',
];
