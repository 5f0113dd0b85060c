<?php

declare(strict_types=1);

return [
    'it_has_already_been_poured' => 'It has already been poured.',
];
