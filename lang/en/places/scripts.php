<?php

declare(strict_types=1);

/** What scripts show, by the part of a page that carries it; a plural gives its forms in one message. */
return [
    'shell' => [
        'seen' => 'No network. This is Today as you last saw it. You can go on with a round under way and with the shopping list.',
        'things_sent' => '1 thing you did without a network was sent.|:count things you did without a network were sent.',
        'things_wait' => '1 thing waits to be sent.|:count things wait to be sent.',
    ],
    'round' => [
        'all_done' => 'All steps are done here.',
        'finish_later' => 'Finish the round when the network is back. Everything is kept until then.',
        'nothing_off' => 'Nothing is off the machine.',
        'tray' => ':parts. They go back in the opposite order.',
        'left_on' => 'Left on: :parts.',
        'failed' => 'That did not go through. Reload this page and try again. Nothing you ticked is lost.',
        'go_on' => 'Go on',
        'not_kept' => 'The network dropped, and this browser cannot keep your answer. '
            .'It is still on this page: press Done again when the network is back.',
        'steps_wait' => 'No network. 1 step waits here and is sent when the network is back. Just go on.'
            .'|No network. :count steps wait here and are sent when the network is back. Just go on.',
        'not_fetched' => 'This device has not fetched the steps ahead. Your answer is kept and is sent when the network is back.',
        'reveal_failed' => 'That did not go through. Go on; you are asked again next time.',
        'reveal_offline' => 'No network. This can wait: go on, and you are asked again next time.',
        'sent' => 'Sent.',
        'elsewhere' => 'This round was continued on another device. What you send from here still counts.',
    ],
    'timer' => [
        'is_over' => ':what is over',
        'over' => 'It is over. Go on when you are ready.',
    ],
    'photo' => [
        'chosen' => 'Picture: :file',
    ],
    'copy' => [
        'copied' => 'Copied',
        'selected' => 'Selected: copy it now',
    ],
    'notices' => [
        'notices_start' => 'Notify me on this device',
        'notices_stop' => 'Stop notifying me on this device',
        'notices_on' => 'You are notified here of each job that falls due, while Good Rinse is open on this device.',
        'notices_refused' => 'Your browser does not allow it. Allow notifications for this page in its settings, then try again.',
    ],
    'counts' => [
        'shut' => '1 of :all blocked: :percent %.|:count of :all blocked: :percent %.',
    ],
];
