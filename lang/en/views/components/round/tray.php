<?php

declare(strict_types=1);

return [
    'nothing_yet_what_you_take_off' => 'Nothing yet. What you take off is listed here, and goes back in the opposite order.',
    'all_back' => 'Nothing. What came off is back.',
    'in_the_tray_goes_back' => 'In the tray: :contents. Goes back: :goes_back.',
    'goes_back' => 'Goes back: :goes_back.',
    'is_back_already' => ':top is back already?',
    'only_if_you_have_really_put' => 'Only if you have really put it back: the steps that need it off then make no sense.',
    'yes_it_is_back' => 'Yes, it is back',
    'left_over' => 'Left over',
    'from_the' => 'from the :id: :left.',
    'left_on' => 'Left on: :left_on.',
    'back_early' => 'Back early: :early.',
];
