<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Projection;

use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Round\Remark;

/** A line of the logbook that follows from the ticks of a round. */
final readonly class ProjectedEntry
{
    /**
     * @param string $step it follows from
     * @param string|null $part it is about
     * @param string $tick id of the newest tick it follows from
     * @param Payload|Remark $payload what it says
     */
    public function __construct(
        public string $step,
        public ?string $part,
        public \DateTimeImmutable $at,
        public string $tick,
        public Payload|Remark $payload,
    ) {
    }
}
