<?php

declare(strict_types=1);

namespace App\Support;

use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/**
 * The time everything in the application goes by: the real one, or the real time of day on another day.
 *
 * Only the framework's own clock (sessions, cookies) stays on the real day.
 */
final readonly class StandingClock implements ClockInterface
{
    private int $daysAway;

    public function __construct(?Day $standOn = null)
    {
        $this->daysAway = $standOn?->since(Day::at(new \DateTimeImmutable(), new \DateTimeZone('UTC'))) ?? 0;
    }

    public function now(): \DateTimeImmutable
    {
        $now = new \DateTimeImmutable('now', new \DateTimeZone('UTC'));

        return 0 === $this->daysAway ? $now : $now->modify(sprintf('%+d days', $this->daysAway));
    }
}
