<?php

declare(strict_types=1);

return [
    'a_round_on_the' => 'A round on the',
    'begun' => ':machine · begun :started_at',
    'this_round_has_ended' => 'This round has ended.',
    'this_round_cannot_go_on' => 'This round cannot go on.',
    'end_this_round' => 'End this round',
    'what_it_wrote_down' => 'What it wrote down',
    'nothing' => 'Nothing.',
    'back_to_today' => 'Back to Today',
];
