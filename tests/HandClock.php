<?php

declare(strict_types=1);

namespace Tests;

use Psr\Clock\ClockInterface;

/** A clock that stands where the test puts it. */
final class HandClock implements ClockInterface
{
    private \DateTimeImmutable $now;

    public function __construct(string $now)
    {
        $this->now = new \DateTimeImmutable($now);
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    public function set(string $now): void
    {
        $this->now = new \DateTimeImmutable($now);
    }

    public function move(string $by): void
    {
        $this->now = $this->now->modify($by);
    }
}
