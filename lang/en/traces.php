<?php

declare(strict_types=1);

return [
    'not_offered' => 'Not offered here: :name. :reason',
    'why_hazard' => 'Somebody can be hurt. Leave it to somebody who is licensed to open it.',
    'first' => 'Do this first',
    'certain' => 'nearly certain',
    'hardly' => 'less than 1 in 80',
    'pick_one' => 'Tick at least one thing that you noticed.',
    'noted' => 'Written down.',
    'gone' => 'an answer to a question that the handbook no longer asks',
    'did_not_help' => ':action: did not help',
    'left_out' => ':what: left out',
    'raised' => 'likelier: :answer',
    'lowered' => 'less likely: :answer',
    'forgotten' => 'Forgotten. From now on it starts from the handbook again.',
    'model' => 'Model', 'serial' => 'Serial',
    'answered' => ':check: :result',
    'why_danger' => 'Somebody could be hurt, so this comes before everything else.',
    'why_call' => 'Calling a technician makes more sense now. Nothing that is left is worth trying for what it costs.',
    'why_action' => ':chance that this helps, for about :minutes minutes. Nothing else gives more for its price.',
    'why_check' => 'Its answer tells the suspects apart and saves more trouble than :minutes min of looking{saves}.',
    'why_saves' => ', about :saves',
    'ended' => [
        'fixed' => 'Good. After the next two uses you are asked whether it held.',
        'called' => 'The call sheet says what they need to know.',
        'left' => 'Left as it is. What you answered stays in the logbook.',
    ],
    'held' => 'Kept for good: what was wrong, and what put it right.',
    'not_held' => 'Then it goes on from where it was, with that tried.',
    'badly' => ['bearable' => 'Bearable', 'annoying' => 'Annoying', 'unusable' => 'Not to be used'],
    'zone' => [
        'upper-left' => 'upper rack, left',
        'upper-right' => 'upper rack, right',
        'lower-left' => 'lower rack, left',
        'lower-right' => 'lower rack, right',
        'upper-front' => 'upper rack, in front',
        'floor' => 'floor and drain',
        'door' => 'door and seal',
    ],
];
