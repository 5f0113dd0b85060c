<?php

declare(strict_types=1);

return [
    'is_it_still_fixed' => 'Is it still fixed?',
    'put_right' => ':machine: :id, fixed :ended_at.',
    'yes_it_is' => 'Yes, it is',
    'no_it_is_back' => 'No, it is back',
    'being_looked_into' => 'Being looked into',
    'to_the_next_card' => 'Go to the next card',
    'is_it_gone' => 'Is it gone?',
    'noticed_since_then_did_it_come' => ':name, noticed :day. Since then: :care, :machine. Did it come from there?',
    'yes_gone' => 'Yes, gone',
    'no' => 'No',
    'about_how_many_in_the_last' => 'About how many, in the last week?',
    'write_down_the_uses_of' => 'Write down the uses of :machine',
    'keep' => 'Keep',
    'more_are_asked_after_these' => ':uncounted more are asked after these.',
    'how_hard_is_your_water' => 'How hard is your water?',
    'it_sets_how_often_is_descaled' => 'It sets how often :water_asks is descaled. Look into your kettle:',
    'measured_or_with_a_strip' => 'Measured, or with a strip',
    'used' => 'Used',
    'away' => 'Away?',
    'more_machines' => ':machines more machines',
    'with' => 'with :machine',
    'im_back' => 'I\'m back',
    'nobody_at_home_for_a_while' => 'Nobody at home for a while?',
    'poured_something' => 'Poured something?',
    'more' => 'More',
    'what_you_compare_it_with' => 'What you compare it with',
];
