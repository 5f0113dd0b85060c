<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/** A running total and when the counter showed it. */
final readonly class CounterReading
{
    /** @param float $total 0 or more */
    public function __construct(public \DateTimeImmutable $at, public float $total)
    {
    }

    /**
     * Whether it fits between the readings on both sides of it in time.
     *
     * @param self|null $before newest of the same counter at this time or earlier
     * @param self|null $after  first one later
     */
    public function judge(?self $before, ?self $after): Judgement
    {
        return (null !== $before && $this->total < $before->total) || (null !== $after && $this->total > $after->total)
            ? Judgement::Backwards
            : Judgement::Taken;
    }
}
