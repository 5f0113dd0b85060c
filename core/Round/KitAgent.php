<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Quantity\Portion;

/** How much of an agent a whole round may take. */
final readonly class KitAgent
{
    /**
     * @param Portion        $most everything that may be poured, summed
     * @param Portion|null   $sure what is poured for sure; null when nothing is
     * @param KitReason|null $if   when the rest is needed; null when all is sure
     */
    public function __construct(public string $id, public Portion $most, public ?Portion $sure, public ?KitReason $if)
    {
    }
}
