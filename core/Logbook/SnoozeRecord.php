<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** A reminder that was put off and has not been overtaken by an opening. */
final readonly class SnoozeRecord
{
    public function __construct(public string $entry, public Day $until, public string $reason)
    {
    }
}
