<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Volume;

/** How much of which agent goes into which vessel. */
final readonly class Amount
{
    public function __construct(public string $agent, public Volume $volume, public string $vessel)
    {
    }
}
