<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** On which days sessions are: a weekday of every week, or of every month. */
final readonly class SessionRule
{
    public const WEEKLY = 0;
    public const LAST = 5;

    /**
     * @param int $which week of the month, 1 to 4; WEEKLY for every week, LAST for the last one
     * @param int $weekday 1 for Monday to 7 for Sunday
     */
    public function __construct(public int $which, public int $weekday)
    {
    }

    /**
     * @param \DateTimeImmutable $today at midnight
     *
     * @return list<int> days from today, ascending
     */
    public function days(\DateTimeImmutable $today, int $until): array
    {
        $days = [];
        for ($day = 0; $day <= $until; ++$day) {
            $at = $today->modify("+$day days");
            if ((int) $at->format('N') === $this->weekday && $this->isIn($at)) {
                $days[] = $day;
            }
        }

        return $days;
    }

    /** Days from one to the next, on the whole. */
    public function apart(): float
    {
        return self::WEEKLY === $this->which ? 7.0 : 30.4;
    }

    private function isIn(\DateTimeImmutable $day): bool
    {
        return match ($this->which) {
            self::WEEKLY => true,
            self::LAST => (int) $day->format('j') + 7 > (int) $day->format('t'),
            default => intdiv((int) $day->format('j') - 1, 7) + 1 === $this->which,
        };
    }
}
