<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\Machine;

/** Rounds on several machines, fitted into each other's waits. */
final readonly class PlannedSession
{
    /**
     * @param FittedRounds $fitted what goes in
     * @param array<string, Machine> $machines by id, which is the name of their round
     * @param array<string, list<string>> $jobs procedures that go in, by machine
     * @param float $apart minutes that the rounds take one after the other
     * @param array<string, string> $conflicts why a machine's jobs cannot be one round, by machine
     * @param array<string, list<string>> $left procedures there is no time for, by machine
     * @param float $whole minutes that all of it would take, with what is left for later
     * @param bool $isBest whether no other choice that fits would clean more of what has fouled
     */
    public function __construct(
        public FittedRounds $fitted,
        public array $machines,
        public array $jobs,
        public float $apart,
        public array $conflicts,
        public array $left,
        public float $whole,
        public bool $isBest,
    ) {
    }
}
