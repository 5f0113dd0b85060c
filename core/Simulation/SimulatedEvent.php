<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Logbook\Payload\Payload;

/** Something that happens in a simulated household. */
final readonly class SimulatedEvent
{
    /** @param \DateTimeImmutable $at in UTC */
    public function __construct(public \DateTimeImmutable $at, public Payload $payload)
    {
    }
}
