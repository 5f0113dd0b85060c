<?php

declare(strict_types=1);

return [
    'change' => 'Change :machine',
    'details' => ':machine: details',
    'name' => 'Name',
    'where_it_stands' => 'Where it is',
    'model_on_its_rating_label' => 'Model, on its rating label',
    'for_the_call_sheet_and_for' => 'For the call sheet and for finding its manual.',
    'serial_number' => 'Serial number',
    'bought_on' => 'Bought on',
    'warranty_until' => 'Warranty until',
    'under_warranty_the_maker_comes_before' => 'While it is under warranty, ask the maker before you buy a part or call someone.',
    'how_it_is_used_and_how' => 'How it is used, and how often its jobs begin:',
    'what_its_rhythms_start_from' => 'what its rhythms start from',
    'save' => 'Save',
    'leave_it_as_it_was' => 'Leave it as it was',
];
