<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Round\Estimate;

/** What is known of a care task on one machine beyond what lists ask for. */
final readonly class TaskDetails
{
    /**
     * @param TaskHistory $history its newest openings
     * @param StartingInterval $start what the school and the habits make the first interval
     * @param Estimate $estimate how long the fullest procedure will take, with what is expected to be found
     * @param list<string> $procedures ids of those this machine allows, the fullest first
     * @param bool $graded whether what is found is compared with a grade
     */
    public function __construct(
        public TaskHistory $history,
        public Rhythm $rhythm,
        public StartingInterval $start,
        public Estimate $estimate,
        public array $procedures,
        public bool $graded,
    ) {
    }
}
