<?php

declare(strict_types=1);

return [
    'done_headline' => 'Done.',
    'stopped_headline' => 'Stopped half-way.',
    'left_open' => 'Left open',
    'was_left_open' => 'Was left open, and has been fixed since',
    'not_before' => "Don't use it until it is fixed.",
    'found' => 'found :grade',
    'left' => 'left :grade',
    'undo_opening' => 'Undo this check',
    'undo_this' => 'Undo this',
    'ended_open' => 'The round ended with something left open: :what.',
    'photo_heic' => 'That is a HEIC picture, which not every device can show. Set the camera to JPEG (often called “most compatible”) '
        .'and take it again.',
    'photo_sort' => 'That picture could not be read. Take it again, or choose a JPEG, PNG or WebP file.',
    'photo_pixels' => 'This picture has more than 36 megapixels. Take a smaller one.',
    'photo_big' => 'That picture is too large: 12 MB is the most. Take it with a smaller resolution.',
    'missing' => 'Not ticked off: :what. Get it before you open the machine, or say that you go on without.',
    'was_late' => ':label: it was :minutes minutes, and :most is the most it may be.',
    'begun_without' => 'Begun without: :what.',
    'left_over' => 'Left over at “:step”: :what.',
    'run_anyway' => 'Run all the same: :what.',
    'put_right' => 'Fixed: :what.',
    'settled' => 'Good. The :machine is whole again.',
    'from_start' => ', :time from start to end',
    'still_on' => ', still going on',
    'stopped_midway' => ', stopped half-way',
    'sharing' => '{0} Nothing repeats; they follow each other.'
        .'|{1} One step is done once instead of again: what is off comes off once and goes back once.'
        .'|[2,*] :count steps are done once instead of again: what is off comes off once and goes back once.',
    'done' => 'Done',
    'is_over' => 'It is over',
    'skip' => [
        'off' => 'I leave it on',
        'back' => 'I leave it off for now',
        'check' => 'Leave this check out; it stays open',
        'step' => 'Leave this step out',
    ],
    'timer' => [
        'open' => 'It takes as long as the rest of your work.',
        'runs' => 'Over at :time. It runs on when you leave this page.',
        'over' => 'It is over. Go on when you are ready.',
    ],
    'late' => [
        'harms' => 'That is longer than the :minutes minutes it may be.',
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
    'somebody' => 'Somebody',
    'clock_behind' => 'A clock was behind: this was dated no earlier than the step before it.',
    'kit_dirty' => 'only if it is dirty',
    'kit_dirty_or' => 'only if it is dirty, or for :answers',
    'kit_if' => 'only for :answers',
    'kit_upto' => 'up to :amount, :why',
    'unreadable' => 'This round was begun with an earlier version, and its steps cannot be read any more. What it wrote down is kept. '
        .'End it here and start a new one.',
    'wait_now' => 'right away',
    'wait_minutes' => ':minutes min',
    'wait_hours' => '{1} 1 hour|[2,*] :hours hours',
    'wait_rest' => 'as long as the rest takes',
    'wait_morning' => 'until tomorrow 8:00',
    'light_on' => 'The light that asks for it was on: :task stays due until it is out. Is it out by now? If not, hold its button for a '
        .'few seconds or do as your manual says.',
    'next_on' => 'next on :day',
    'still' => 'still :when',
    'because_poured' => ':agent went in on :day (:who).',
    'because_next' => 'It must be gone before the :agent of this round goes in.',
    'first_opening' => 'The first look: nothing to compare with yet, so the rhythm stays where it starts.',
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
