<?php

declare(strict_types=1);

return [
    'which_machine_do_you_look_after' => 'Which machine do you look after?',
    'a_few_taps_no_typing_then' => 'A few taps, no typing. Then this page says each day what is due, why, and how sure it is. It takes '
        .'you through it step by step.',
    'add_your_first_machine' => 'Add your first machine',
    'just_cleaned' => 'just cleaned',
    'every_part_gets_a_glass_like' => 'Every part gets a glass like these. It clouds as the part gets dirty. At the copper mark it is due.',
];
