<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Care\TaskCare;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Quantity\Day;

/** A line of a table of past care: what was done to which part on which day, and how it was found. */
final readonly class PastCareLine
{
    /**
     * @param int $number of the line in the table, from 1
     * @param Grade|null $found null where nobody said
     */
    public function __construct(public int $number, public Day $day, public TaskCare $task, public ?Grade $found)
    {
    }
}
