<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Schedule\Schedule;

/** Rounds fitted into each other's waits. */
final readonly class FittedRounds
{
    /**
     * @param list<Block> $blocks in the order in which they begin
     * @param list<string> $unkept blocks that cannot begin at the hour that was wished
     */
    public function __construct(public Schedule $schedule, public array $blocks, public array $unkept)
    {
    }
}
