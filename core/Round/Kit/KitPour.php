<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

use GoodRinse\Core\Handbook\Procedure\Condition;
use GoodRinse\Core\Quantity\Portion;

/**
 * One pour of an agent that a round may come to.
 *
 * @internal to this folder
 */
final readonly class KitPour
{
    /**
     * @param Condition $branch answers that lead to it
     * @param KitReason|null $if when it is poured; null when it is poured for sure
     */
    public function __construct(public Portion $portion, public Condition $branch, public ?KitReason $if)
    {
    }
}
