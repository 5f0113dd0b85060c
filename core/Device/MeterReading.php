<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

use GoodRinse\Core\Usage\MeterTrack;

/** A running total and when the counter showed it. */
final readonly class MeterReading
{
    /** @param float $total 0 or more */
    public function __construct(public \DateTimeImmutable $at, public float $total)
    {
    }

    /**
     * Whether it fits between the readings on both sides of it in time.
     *
     * @param self|null $before newest of the same counter at this time or earlier
     * @param self|null $after first one later
     * @param float $most uses a day that the machine can make, in what the counter counts, above 0
     */
    public function judge(?self $before, ?self $after, float $most): MeterVerdict
    {
        return match (true) {
            (null !== $before && $this->total < $before->total)
                || (null !== $after && $this->total > $after->total) => MeterVerdict::Backwards,
            (null !== $before && !self::follows($before, $this, $most))
                || (null !== $after && !self::follows($this, $after, $most)) => MeterVerdict::Jumps,
            default => MeterVerdict::Taken,
        };
    }

    private static function follows(self $before, self $after, float $most): bool
    {
        return MeterTrack::follows(
            [$before->at->getTimestamp() / 86400, $before->total],
            [$after->at->getTimestamp() / 86400, $after->total],
            $most,
        );
    }
}
