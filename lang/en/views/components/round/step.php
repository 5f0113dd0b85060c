<?php

declare(strict_types=1);

return [
    'not_like_this' => 'Not like this',
    'i_know_and_run_it_all' => 'I know. Run it anyway.',
    'it_has_ended_before_its_time' => 'It ended early.',
    'late' => ':value late.',
    'you_began_without_this_step_wants' => 'You started without: :missing. You need it for this step.',
    'asked_times_so_far' => 'Asked :failures times so far.',
    'or_count_the_jets_and_let' => 'Or count the jets, and let that decide',
    'usually_about' => 'Usually about :from. :ask',
    'how_long' => ':label: how long?',
    'you_two_answered_this_differently' => 'You two answered this differently:',
    'then' => 'then',
    'at' => ':who at :when:what',
    'the_later_answer_counts_change_it' => '. The later answer counts; change it here if it is wrong.',
    'after_this' => 'After this: :after',
    'leave_it_like_this_for_now' => 'Leave it like this for now. I won’t use it until it is fixed.',
    'leave_it_like_this_and_go' => 'Leave it like this and go on. It stays open, and Today reminds me.',
    'nothing_goes_back_wet_leave_this' => 'Nothing goes back wet. Leave this page; the round waits with the tray as it is.',
    'this_part_the_last_time' => 'This part, the last time (:last_photo_day)',
    'picture_taken_at_this_step_the' => 'Picture taken at this step the last time',
    'picture_you_added_at_this_step' => 'Picture you added at this step',
];
