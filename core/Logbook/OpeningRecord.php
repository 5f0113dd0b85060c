<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** An opening in its place in the history of a task. */
final readonly class OpeningRecord
{
    /**
     * @param Day $day day it was, in the household's zone
     * @param int $days whole days since the opening before; 0 for the first
     * @param float $uses uses since the opening before; 0 for the first
     * @param Fraction|null $found null when nobody looked
     * @param int $absent of the days, those on which nobody was there
     * @param bool $symptom whether it was not opened: a symptom told how it was
     * @param float $estimated of the uses, those that nobody told of
     * @param bool $measured whether it was counted or measured, and not judged by eye
     */
    public function __construct(
        public string $entry,
        public Day $day,
        public int $days,
        public float $uses,
        public ?Fraction $found,
        public Fraction $left,
        public int $absent = 0,
        public bool $symptom = false,
        public float $estimated = 0.0,
        public bool $measured = false,
    ) {
    }
}
