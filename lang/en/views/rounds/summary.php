<?php

declare(strict_types=1);

return [
    'picture_from_this_round' => 'Picture from this round',
    'the_light_is_out' => 'The light is out',
    'look_for_the_cause' => 'Look for the cause',
    'you_found' => 'You found :found. :why',
    'start' => 'Start: :offer',
    'did_it_help_back_to_what' => 'Did it help? Back to what you were looking into',
    'back_to_today' => 'Back to Today',
    'service_record' => 'Service record',
    'see_the_logbook' => 'See the logbook',
    'written_down' => 'Written down',
    'nothing_was_written' => 'Nothing was written.',
];
