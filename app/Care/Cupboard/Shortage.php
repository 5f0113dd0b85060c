<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use GoodRinse\Core\Cupboard\RunOut;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Quantity\Portion;

/** A job that is due soon and for which there is not enough of something. */
final readonly class Shortage
{
    /**
     * @param string $name of the supply
     * @param array<string, array{Portion, bool}> $instead what else would do, by agent, and whether there is enough of that
     * @param bool $isListed whether it is on the shopping list
     */
    public function __construct(
        public Supply $supply,
        public string $name,
        public RunOut $run,
        public array $instead,
        public bool $isListed,
    ) {
    }
}
