<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Quantity\Minutes;

/** A wait that a step started. */
final readonly class RunningTimer
{
    public function __construct(public string $step, public string $label, public \DateTimeImmutable $startedAt, public Minutes $lasts)
    {
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->startedAt->modify(sprintf('+%d seconds', $this->lasts->seconds()));
    }

    /** Whole seconds until it ends; negative once it has. */
    public function secondsLeft(\DateTimeImmutable $now): int
    {
        return $this->endsAt()->getTimestamp() - $now->getTimestamp();
    }
}
