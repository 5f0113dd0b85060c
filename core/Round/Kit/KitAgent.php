<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

use GoodRinse\Core\Quantity\Portions;

/** How much of an agent a whole round may take. */
final readonly class KitAgent
{
    /**
     * @param Portions $most everything that may be poured, summed
     * @param Portions|null $sure what is poured for sure; null when nothing is
     * @param KitReason|null $if when the rest is needed; null when all is sure
     */
    public function __construct(public string $id, public Portions $most, public ?Portions $sure, public ?KitReason $if)
    {
    }
}
