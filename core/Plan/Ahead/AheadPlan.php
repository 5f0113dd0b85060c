<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** Sessions of some months, and what they come to. */
final readonly class AheadPlan
{
    /**
     * @param list<SessionDay> $sessions the soonest first
     * @param int $openings how often a machine is opened
     * @param float $minutes of hands
     * @param int $daysOver that tasks had been due when they were done, all together
     */
    private function __construct(public array $sessions, public int $openings, public float $minutes, public int $daysOver)
    {
    }

    /** @param list<SessionDay> $sessions */
    public static function of(array $sessions): self
    {
        $openings = $over = 0;
        $minutes = 0.0;
        foreach ($sessions as $session) {
            $openings += count($session->byMachine());
            $minutes += $session->minutes;
            foreach ($session->jobs as $job) {
                $over += $job->daysOver();
            }
        }

        return new self($sessions, $openings, $minutes, $over);
    }
}
