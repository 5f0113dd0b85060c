<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Fault;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** Something that can be wrong with a machine. */
final readonly class Cause
{
    /**
     * @param float $weight how common it is against the other causes of the kind, above 0
     * @param string|null $part part it sits in
     * @param string|null $task care task that prevents it
     * @param bool $hazard whether somebody can be hurt
     * @param Condition $when traits a machine must have for it to be possible
     * @param string|null $now what to do before anything else
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $weight,
        public ?string $part,
        public ?string $task,
        public bool $hazard,
        public Condition $when,
        public ?string $now = null,
    ) {
    }
}
