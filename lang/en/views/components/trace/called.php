<?php

declare(strict_types=1);

return [
    'somebody_is_called_for_this_machine' => 'A technician has been called for this machine: :symptom.',
    'let_them_see_it_as_it' => 'Let them see it as it is. A wash or a strip-down hides what they look for.',
];
