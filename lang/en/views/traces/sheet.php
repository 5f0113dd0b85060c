<?php

declare(strict_types=1);

return [
    'call_sheet' => 'Call sheet, :machine',
    'keep_as_pdf' => 'Keep as PDF',
    'back' => 'Back',
    'call_sheet_2' => 'Call sheet · :name',
    'picture_of_what_was_noticed' => 'Picture of what was noticed',
];
