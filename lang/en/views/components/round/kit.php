<?php

declare(strict_types=1);

return [
    'for' => 'for :for',
    'it_is_all_here' => 'It is all here',
    'go_on_without_what_isnt_ticked' => 'Go on without what isn\'t ticked',
];
