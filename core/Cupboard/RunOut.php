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
     * @param string $task of the job, as "machine:task"; empty for what is used beside the jobs
     * @param float $need what the job takes, in the supply's unit
     * @param float $left what is there for it then, 0 or more
     */
    public function __construct(
        public int $day,
        public int $soonest,
        public ?int $latest,
        public string $job,
        public int $jobs,
        public string $task = '',
        public float $need = 0.0,
        public float $left = 0.0,
    ) {
    }
}
