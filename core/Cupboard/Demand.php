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
     */
    public function __construct(
        public string $supply,
        public float $amount,
        public int $day,
        public int $soonest,
        public int $latest,
        public string $job,
    ) {
    }
}
