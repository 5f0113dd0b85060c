<?php

declare(strict_types=1);

return [
    'your_water' => 'Your water',
    'this_is_what_would_move' => 'This is what would move.',
    'no_date_would_move' => 'No date would move.',
    'how_hard_is_your_water' => 'How hard is your water?',
    'use_it' => 'Use it',
    'leave_it_as_it_was' => 'Leave it as it was',
    'with_a_test_strip' => 'With a test strip',
    'dip_it_for_a_second_shake' => 'Dip it for a second, shake it, wait a minute. The harder the water, the more of '
        .'its windows turn. Which one '
        .'looks like yours?',
    'the_simulated_strip_from_your_tap' => 'The simulated strip from your tap: :turned turned.',
    'none' => 'none',
    'turned' => 'turned',
    'about_dh' => 'about :degrees °dH',
    'no_strip_at_hand_dip_a' => 'No strip at hand: dip a simulated one',
    'with_a_number' => 'With a number',
    'from_the_suppliers_page_or_a' => 'From the supplier\'s page or a drop test.',
    'hardness' => 'Hardness',
    'in' => 'in',
    'see_what_moves' => 'See what moves',
];
