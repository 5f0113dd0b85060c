<?php

declare(strict_types=1);

return [
    'service_record' => 'Service record,',
    'keep_as_pdf' => 'Keep as PDF',
    'back' => 'Back',
    'service_record_2' => 'Service record · :name',
    'was_left_open_put_right_since' => 'Was left open, fixed since',
    'left_open' => 'Left open',
    'pictures' => 'Pictures',
    'picture_from_this_round' => 'Picture from this round, :moment',
];
