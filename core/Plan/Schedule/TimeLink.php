<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/** How soon and how late a step begins after another has ended: soak at least twenty minutes, bleach at most ten. */
final readonly class TimeLink
{
    /**
     * @param float $least minutes from the end of the first to the start of the second
     * @param float|null $most minutes; null for as late as may be
     */
    public function __construct(public string $from, public string $to, public float $least = 0.0, public ?float $most = null)
    {
    }

    public function __toString(): string
    {
        $most = null === $this->most ? '' : sprintf(', at most %s', $this->most);

        return sprintf('%s → %s (at least %s%s)', $this->from, $this->to, $this->least, $most);
    }
}
