<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** How much a machine was used on one day, by how that is known. */
final readonly class UseDay
{
    /**
     * @param float $counted by counters and single taps
     * @param float $told of a number for several days, this day's share
     * @param float $estimated of time that nobody told of
     * @param bool $away whether nobody was there
     * @param bool $watched whether anything is known of it
     */
    public function __construct(public float $counted, public float $told, public float $estimated, public bool $away, public bool $watched)
    {
    }

    /** The word for how most of it is known: away, counted, told or estimated. */
    public function known(): string
    {
        return match (true) {
            $this->counted > 0 && $this->counted >= $this->told => 'counted',
            $this->told > 0 => 'told',
            $this->away => 'away',
            $this->watched && 0.0 === $this->estimated => 'counted',
            default => 'estimated',
        };
    }

    public function uses(): float
    {
        return $this->counted + $this->told + $this->estimated;
    }
}
