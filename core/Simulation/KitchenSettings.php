<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

/** What a simulated machine and the people round it are like. */
final readonly class KitchenSettings
{
    /**
     * @param float $usesPerWeek mean uses a week
     * @param array<int, float> $weekdayShape share of each weekday, Monday 1 to Sunday 7, relative to 1
     * @param float $medianInterval uses from clean to the clean-by line, median over parts
     * @param float $partSpread sigma of the part's own interval round that median
     * @param float $soilSpread sigma of the soil from one opening to the next
     * @param int $mostDaysLate how many days a person may put a due opening off
     * @param float $onlyLooks chance that an opening is a look without cleaning
     * @param float $leavesFilm chance that a cleaning leaves a film
     */
    public function __construct(
        public float $usesPerWeek,
        public float $medianInterval,
        public array $weekdayShape = [1 => 0.9, 2 => 0.8, 3 => 0.9, 4 => 0.9, 5 => 1.1, 6 => 1.3, 7 => 1.1],
        public float $partSpread = 0.15,
        public float $soilSpread = 0.3,
        public int $mostDaysLate = 6,
        public float $onlyLooks = 0.08,
        public float $leavesFilm = 0.15,
    ) {
    }
}
