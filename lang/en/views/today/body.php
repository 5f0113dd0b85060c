<?php

declare(strict_types=1);

return [
    'was_left_unfinished' => ':machine was left unfinished',
    'the_round_of_ended_with_this' => 'The round of :ended_at ended with this open: :left_open. Don\'t use it until it is fixed.',
    'it_is_put_right' => 'It is fixed',
    'a_round_that_cannot_go_on' => ':machine: a round that cannot go on',
    'end_this_round' => 'End this round',
    'see_what_it_wrote_down' => 'See what it wrote down',
    'in_the_same_round' => 'In the same round',
    'and_more_in_it' => 'And :lines more in it.',
    'why_and_how_sure' => 'Why, and how sure',
];
