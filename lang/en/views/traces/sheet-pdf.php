<?php

declare(strict_types=1);

return [
    'call_sheet' => 'Call sheet, :machine',
    'call_sheet_2' => 'Call sheet · :name',
];
