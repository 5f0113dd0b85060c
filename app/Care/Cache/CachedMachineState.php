<?php

declare(strict_types=1);

namespace App\Care\Cache;

use App\Care\ProposedBatch;
use GoodRinse\Core\Logbook\MachineHistory;

/** How a machine stands, as it is kept until another entry is written or another day begins. */
final readonly class CachedMachineState
{
    /**
     * @param string $stamp what it follows from
     * @param int $newest Unix time of the machine's newest happening
     * @param MachineHistory $history what of it is not of one task
     * @param array<string, CachedTaskState> $tasks by id
     * @param list<string> $offered procedures for this machine, clocked or not
     * @param ProposedBatch|null $batch what is done in one go on it today; null when nothing is due
     */
    public function __construct(
        public string $stamp,
        public int $newest,
        public MachineHistory $history,
        public array $tasks,
        public array $offered,
        public ?ProposedBatch $batch,
    ) {
    }
}
