<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/** Puts right what a device says of time when its own clock goes wrong. */
final readonly class DeviceClock
{
    /** Seconds that a message may take on its way without anything being wrong. */
    private const USUAL = 60;

    /** Seconds that the clock is ahead (above 0) or behind; 0 when nothing is known or it is near enough. */
    public int $ahead;

    /** @param \DateTimeImmutable|null $sent when the device thinks it sent its message */
    public function __construct(?\DateTimeImmutable $sent, private \DateTimeImmutable $now)
    {
        $ahead = null === $sent ? 0 : $sent->getTimestamp() - $now->getTimestamp();
        $this->ahead = abs($ahead) <= self::USUAL ? 0 : $ahead;
    }

    /** The time an event happened by our clock; never later than now. */
    public function right(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return min($this->now, 0 === $this->ahead ? $at : $at->modify(sprintf('%+d seconds', -$this->ahead)));
    }

    /** Whether an event lies in the future even by the device's own clock set right. */
    public function isImpossible(\DateTimeImmutable $at): bool
    {
        return $at->getTimestamp() - $this->ahead > $this->now->getTimestamp() + self::USUAL;
    }
}
