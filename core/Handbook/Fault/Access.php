<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** Something that has to be open, out or dry before a look or a hand gets there. */
final readonly class Access
{
    /**
     * @param float $minutes of a person's hands that opening it takes, 0 or more
     * @param Condition $when traits of the machines that have it
     * @param bool $flooded whether it is in the way only while water stands
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $minutes,
        public Condition $when,
        public bool $flooded,
    ) {
    }
}
