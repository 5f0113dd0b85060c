<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Learning\LearnedInterval;

/** A clock read at a moment: what it has learned and how far it has run. */
final readonly class ClockState
{
    /** @param float $wear foulings since clean; 1 is the clean-by line */
    public function __construct(public Clock $clock, public LearnedInterval $learned, public float $wear)
    {
    }

    /** The same without the openings it was learned from. */
    public function brief(): self
    {
        return new self($this->clock->upTo(0), $this->learned, $this->wear);
    }

    /** Days from now until the wear reaches 1, negative when it has; null when the clock stands still. */
    public function daysLeft(): ?float
    {
        return $this->clock->rate > 0 ? (1 - $this->wear) * $this->learned->interval / $this->clock->rate : null;
    }

    /**
     * Calendar days from a day on which the part is clean until it has been used so often, days on which the clock
     * stands still included; null when it does not run.
     */
    public function daysFromClean(float $uses, Day $today): ?float
    {
        if ($this->clock->rate <= 0) {
            return null;
        }
        $days = $uses / $this->clock->rate;

        return $this->clock->absences->isEmpty()
            || $days > 100000 ? $days : (float) $this->clock->absences->calendarDays($today, (int) ceil($days - 1e-9));
    }

    /**
     * Days from now until the part would be due if its interval were another one: the ends of the due
     * window as dates. What was left in place shortens it in the same proportion.
     *
     * @param float $interval uses from clean to the clean-by line
     */
    public function daysLeftAt(float $interval): ?float
    {
        $leftInPlace = $this->wear - $this->clock->elapsed / $this->learned->interval;

        return $this->clock->rate > 0 ? ((1 - $leftInPlace) * $interval - $this->clock->elapsed) / $this->clock->rate : null;
    }
}
