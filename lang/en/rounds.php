<?php

declare(strict_types=1);

return [
    'done_headline' => 'Done.',
    'stopped_headline' => 'Stopped half-way.',
    'left_open' => 'Left open',
    'was_left_open' => 'Was left unfinished, and has been fixed since',
    'not_before' => "Don't use it until it is fixed.",
    'found' => 'found :grade',
    'left' => 'left :grade',
    'undo_opening' => 'Undo this check',
    'undo_this' => 'Undo this',
    'ended_open' => 'The round ended with something left unfinished: :what.',
    'photo_heic' => 'That is a HEIC picture, which not every device can show. Set the camera to JPEG (often called “most compatible”) '
        .'and take it again.',
    'photo_sort' => 'That picture could not be read. Take it again, or choose a JPEG, PNG or WebP file.',
    'photo_pixels' => 'This picture has more than 36 megapixels. Take a smaller one.',
    'photo_big' => 'That picture is too large: 12 MB is the most. Take it at a lower resolution.',
    'missing' => 'Not ticked off: :what. Get it before you open the machine, or say that you go on without.',
    'was_late' => ':label took :minutes minutes, longer than the :most minutes allowed.',
    'begun_without' => 'Begun without: :what.',
    'left_over' => 'Left over at “:step”: :what.',
    'run_anyway' => 'Run anyway: :what.',
    'put_right' => 'Fixed: :what.',
    'settled' => 'Good. The :machine is complete again.',
    'from_start' => ', :time from start to end',
    'still_on' => ', still going on',
    'stopped_midway' => ', stopped half-way',
    'sharing' => '{0} No step is shared: one follows the other.|{1} One step is done once instead of again: what is off comes off '
        .'once and goes back once.|[2,*] :count steps are done once instead of again: what is off comes off once and goes '
        .'back once.',
    'done' => 'Done',
    'is_over' => 'It is over',
    'skip' => [
        'off' => 'I leave it on',
        'back' => 'Leave it off for now',
        'check' => 'Skip this check; it stays open',
        'step' => 'Skip this step',
    ],
    'timer' => [
        'open' => 'It lasts until the rest of your work is done.',
        'runs' => 'Ends at :time. It keeps running when you leave this page.',
        'over' => 'It is over. Go on when you are ready.',
    ],
    'late' => [
        'harms' => 'That is longer than the :minutes minutes allowed.',
        'harmless' => 'Being late does no harm here.',
    ],
    'open' => [
        'suds' => ':agent is still in it and would foam in any cycle; wipe or rinse it out until no suds are left',
        'left-over' => 'something is left over from the :part',
        'part-off' => ':part is off the machine',
        'not-tested' => 'a check was not done',
        'failed' => 'a check failed',
    ],
    'overtaken' => ':who did “:step” after you and answered it differently; theirs counts.',
    'somebody' => 'Someone',
    'clock_behind' => 'A clock was behind: this was dated no earlier than the step before it.',
    'kit_dirty' => 'only if it is dirty',
    'kit_dirty_or' => 'only if it is dirty, or for :answers',
    'kit_if' => 'only for :answers',
    'kit_upto' => 'up to :amount, :why',
    'unreadable' => 'This round was begun with an earlier version, and its steps can no longer be read. What was written down is kept. '
        .'End it here and start a new one.',
    'wait_now' => 'right away',
    'wait_minutes' => ':minutes min',
    'wait_hours' => '{1} 1 hour|[2,*] :hours hours',
    'wait_rest' => 'as long as the rest takes',
    'wait_morning' => 'until tomorrow 8:00',
    'light_on' => 'The light for this was on: :task stays due until it is out. Is it out now? If not, hold its button for a few '
        .'seconds, or do what your manual says.',
    'next_on' => 'next on :day',
    'still' => 'still :when',
    'because_poured' => ':agent went in on :day (:who).',
    'because_next' => 'It must be gone before the :agent of this round goes in.',
    'first_opening' => 'This was the first check. There is nothing to compare it with yet, so the interval stays as it is.',
    'advice' => [
        'part-off' => 'Put it back before the next load.',
        'lock-test' => 'Do not start a load until it stays down.',
    ],
    'tell' => [
        'ask' => 'Notify me when it is over',
        'yes' => 'You are notified on this device, while this page or the installed application is open.',
        'no' => 'Your browser does not allow it. It rings here while the page is open.',
    ],
];
