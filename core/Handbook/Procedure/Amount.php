<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Quantity\Portion;

/** How much of which agent goes into which vessel. */
final readonly class Amount
{
    /**
     * @param bool $byStrength whether a weaker or stronger acid than the recipe's takes more or less of it
     * @param float|null $strength % of the agent, where it has one
     */
    public function __construct(
        public string $agent,
        public Portion $portion,
        public string $vessel,
        public bool $byStrength = false,
        public ?float $strength = null,
    ) {
    }
}
