<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** When a supply is not enough for what is to be done with it. */
final readonly class RunOut
{
    /**
     * @param int $day from today on which it runs out, most likely
     * @param int $soonest day, if there is less than thought and the jobs come early
     * @param int|null $latest day, if there is more and they come late; null where it lasts over the horizon then
     * @param string $job for which it is not enough
     * @param int $jobs for which it is, before
     */
    public function __construct(public int $day, public int $soonest, public ?int $latest, public string $job, public int $jobs)
    {
    }
}
