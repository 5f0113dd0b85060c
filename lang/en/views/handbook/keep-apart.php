<?php

declare(strict_types=1);

return [
    'keep_apart' => 'Keep apart',
    'what_may_meet_what' => 'What may meet what.',
    'in_one_vessel_the_one_after' => 'In one vessel, one after the other',
    'fine_together' => 'Fine together.',
    'they_cancel_each_other' => 'They cancel each other.',
    'wasted_or_rough_better_cleared_first' => 'Wasted or rough: it is better to clear it first.',
    'danger_clear_the_vessel_first_however' => 'Danger: clear the vessel first, however long ago it was.',
    'never_on_this_surface' => 'Never on this surface.',
    'on_which_surface' => 'On which surface',
    'on' => ':what on :surface:',
    'never' => 'never',
    'with_care' => 'with care',
    'what_clears_a_vessel' => 'What clears a vessel',
    'time_alone_clears_nothing_what_went' => 'Time alone clears nothing. What went in stays in until this is done and written down:',
    'why' => 'Why',
    'when_it_has_happened' => 'When it has happened',
];
