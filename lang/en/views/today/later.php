<?php

declare(strict_types=1);

return [
    'then_minutes' => '{1} Then: :machine, a minute|[0,*] Then: :machine, :count minutes',
    'start_it' => 'Start it',
    'and_more_in_it' => 'And :lines more in it.',
    'due_too_in_a_round_of' => 'Due too, in a round of its own',
    'machine' => 'machine',
    'machines' => 'machines',
    'then_on_more' => 'Then on :batches more :what:',
    'see_the_kitchen' => 'see the kitchen',
    'soon' => 'Soon',
    'is' => 'is',
    'are' => 'are',
    'and_more_due_or_nearly' => 'And :more more :what due or nearly:',
    'see_the_rhythm' => 'see the rhythm',
    'put_off' => 'Put off:',
    'until' => 'until :remind_on:put_off_because:last',
];
