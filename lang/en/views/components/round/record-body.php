<?php

declare(strict_types=1);

return [
    'next_due' => 'Next due',
    'when_it_is_wanted' => 'when you want it',
    'found_and_noticed' => 'Found and noticed',
    'grease_washed_out_g' => 'Grease washed out: :grease g',
    'agents' => 'Agents',
    'parts' => 'Parts',
    'taken_off_in_this_order' => 'Taken off, in this order: :took',
    'steps' => 'Steps',
];
