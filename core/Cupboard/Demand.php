<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** So much of a supply that a job will take on a day. */
final readonly class Demand
{
    /**
     * @param string $supply id
     * @param float $amount in the supply's unit, above 0
     * @param int $day from today, most likely
     * @param int $soonest the soonest it may come
     * @param int $latest the latest
     * @param string $job that takes it
     * @param string $task its task as "machine:task"; empty for what is used beside the jobs
     */
    public function __construct(
        public string $supply,
        public float $amount,
        public int $day,
        public int $soonest,
        public int $latest,
        public string $job,
        public string $task = '',
    ) {
    }

    /**
     * How likely it comes up to a day.
     *
     * @param float $band standard deviations that lie between its day and its soonest, above 0
     *
     * @return float 0 to 1; 0 before the soonest, 1 from the latest
     */
    public function chanceBy(int $until, float $band): float
    {
        if ($until < $this->soonest || $until >= $this->latest) {
            return $until < $this->soonest ? 0.0 : 1.0;
        }
        $wide = $until < $this->day ? $this->day - $this->soonest : $this->latest - $this->day;

        // The normal distribution by a logistic one of the same width.
        return 1 / (1 + exp(-M_PI / sqrt(3) * ($until + 0.5 - $this->day) / max(0.5, $wide / $band)));
    }
}
