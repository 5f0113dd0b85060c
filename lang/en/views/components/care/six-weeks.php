<?php

declare(strict_types=1);

return [
    'the_next_six_weeks' => 'The next six weeks',
    'today' => 'today',
    'again_if_cleaned_today' => 'again, if cleaned today',
    'about' => ':mark · :machine:what, about :mark2',
    'nothing_falls_due' => 'Nothing falls due.',
    'and_more_after_these_each_stands' => 'And :more more after these. You find each on its machine’s page.',
];
