<?php

declare(strict_types=1);

namespace App\Exchange;

use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Quantity\Day;

/** A line of a table of purchases. */
final readonly class PurchaseLine
{
    /**
     * @param int $number of the line in the table, from 1
     * @param string $id ULID of the entry that it becomes: the one it came from, or one that follows from what the line says
     * @param string $name of the supply
     */
    public function __construct(public int $number, public string $id, public Day $day, public string $name, public Purchase $purchase)
    {
    }
}
