<?php

declare(strict_types=1);

return [
    'door_card' => ':machine, door card',
    'printed_for' => ':traits. Printed :day for :name.',
    'rhythm' => 'Rhythm',
    'look_once' => 'check once',
    'next' => 'next',
    'every' => 'every :clocks; :due_on',
    'amounts' => 'Amounts',
    'comes_apart_in_this_order_goes' => 'Comes apart in this order, goes back in the reverse',
    'cautions' => 'Cautions',
];
