<?php

declare(strict_types=1);

return [
    'on_your' => 'On your :machine',
    'comes_along' => 'Comes off',
    'goes_back_with_it' => 'Goes back',
    'your_picture_of_how_the_is' => 'Your picture of how the :sheet is held',
    'mine_is_different' => 'Mine is different',
];
