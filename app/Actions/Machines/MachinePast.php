<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use GoodRinse\Core\Quantity\Day;

/** What a person knows of a machine's time before it came here. */
final readonly class MachinePast
{
    /**
     * @param Day|null $newOn day it was new
     * @param Day|null $cleanedOn day some of it was last cleaned
     * @param list<string>|null $cleaned care tasks that were done on that day; null for those that are looked at first
     */
    public function __construct(public ?Day $newOn = null, public ?Day $cleanedOn = null, public ?array $cleaned = null)
    {
    }
}
