<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;

/** A task's time line from its last opening: the due window, the due day and today, as places from 0 to 100. */
final readonly class WindowBar
{
    private function __construct(public float $from, public float $to, public float $due, public float $today)
    {
    }

    /** Null where there is no date to draw. */
    public static function of(Rhythm $rhythm, Day $lastOpening, Day $today): ?self
    {
        if (null === $rhythm->dueOn || null === $rhythm->window) {
            return null;
        }
        [$earliest, $latest] = $rhythm->window;
        $end = max($latest->since($lastOpening), $today->since($lastOpening), $rhythm->dueOn->since($lastOpening), 1) * 1.06;
        $place = static fn (Day $day): float => round(min(100, max(0, $day->since($lastOpening) / $end * 100)), 1);

        return new self($place($earliest), $place($latest), $place($rhythm->dueOn), $place($today));
    }
}
