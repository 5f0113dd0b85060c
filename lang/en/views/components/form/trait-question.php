<?php

declare(strict_types=1);

return [
    'before_you_go_on' => 'Before you go on:',
    'note_it' => 'Note it',
    'the_steps_then_fit_your_machine' => 'The steps then fit your machine.',
    'cant_tell_go_on_you_are' => ':what If you can’t tell, go on. You are asked again next time.',
];
