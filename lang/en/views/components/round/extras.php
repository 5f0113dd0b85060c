<?php

declare(strict_types=1);

return [
    'something_is_left_over' => 'Something is left over',
    'one_fewer' => 'One :piece fewer',
    'left_over' => ':piece left over',
    'one_more' => 'One :piece more',
    'poured_another_amount' => 'Poured another amount',
    'how_much_was_poured' => 'How much was poured?',
    'none' => 'none of it',
    'half' => 'half of it',
    'twice' => 'twice as much',
    'as_said' => 'the amount above',
    'half_as_much_again' => 'one and a half times as much',
    'strength_on_the_bottle' => 'Strength on the bottle',
    'add_a_note' => 'Add a note',
    'note' => 'Note',
    'a_part_is_worn' => 'A part is worn',
    'add_a_picture' => 'Add a picture',
];
