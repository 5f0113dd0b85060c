<?php

declare(strict_types=1);

namespace GoodRinse\Core\Lab;

use GoodRinse\Core\Logbook\Payload;

/** Something that happens in a simulated household. */
final readonly class LabEvent
{
    /** @param \DateTimeImmutable $at in UTC */
    public function __construct(public \DateTimeImmutable $at, public Payload $payload)
    {
    }
}
