<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** Days in which a task may be done: from when it is worth it, when it falls due, and until when that is soon enough. */
final readonly class DueWindow
{
    /** Share of its interval by which a task may be done before it is due. */
    private const EARLY = 0.4;
    /** Share of its interval by which it may be done after. */
    private const LATE = 0.15;

    public int $earliest;
    public int $latest;

    /** The due day always lies within. */
    public function __construct(int $earliest, public int $due, int $latest)
    {
        [$this->earliest, $this->latest] = [min($earliest, $due), max($latest, $due)];
    }

    /**
     * The window of a task for which sessions wait: as it most likely falls due, but what may turn out late is not left as long,
     * and nothing is done again when hardly half of its time is over.
     *
     * @param float $earliest days, as are the others
     * @param float $interval days from one time to the next, above 0
     */
    public static function within(float $earliest, float $due, float $latest, float $interval): self
    {
        return new self(
            (int) ceil(max($earliest, $due - self::EARLY * $interval)),
            (int) round($due),
            (int) floor(min($latest, $due + self::LATE * $interval)),
        );
    }

    public function holds(int $day): bool
    {
        return $day >= $this->earliest && $day <= $this->latest;
    }

    public function after(int $day): self
    {
        return new self($day + $this->earliest, $day + $this->due, $day + $this->latest);
    }
}
