<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** A symptom that was noted and points to a care task. */
final readonly class SymptomRecord
{
    /**
     * @param string $entry id of the entry
     * @param string $symptom as the handbook names it
     * @param Day $day noted, in the household's zone
     * @param bool $opened whether the task has been done since
     */
    public function __construct(public string $entry, public string $symptom, public string $task, public Day $day, public bool $opened)
    {
    }
}
