<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Plan\Schedule\Block;
use GoodRinse\Core\Plan\Schedule\Schedule;

/** Rounds on several machines, fitted into each other's waits. */
final readonly class PlannedSession
{
    /**
     * @param list<Block> $blocks in the order in which they begin
     * @param array<string, Machine> $machines by id, which is the name of their round
     * @param float $apart minutes that the rounds take one after the other
     * @param array<string, string> $conflicts why a machine's jobs cannot be one round, by machine
     */
    public function __construct(
        public Schedule $schedule,
        public array $blocks,
        public array $machines,
        public float $apart,
        public array $conflicts,
    ) {
    }
}
