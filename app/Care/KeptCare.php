<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Round\Estimate;

/** How a machine stands, as it is kept until another entry is written or another day begins. */
final readonly class KeptCare
{
    /**
     * @param string                          $stamp      what it follows from
     * @param int                             $newest     Unix time of the machine's newest happening
     * @param MachineHistory                  $history    its newest part
     * @param array<string, Rhythm>           $rhythms    by care task, without the openings they were learned from
     * @param array<string, Estimate>         $estimates  by care task
     * @param array<string, list<string>>     $procedures that the machine allows, by care task, the fullest first
     * @param array<string, bool>             $graded     whether what is found is compared with a grade, by care task
     * @param array<string, StartingInterval> $starts     what the first interval is, by care task
     * @param list<string>                    $offered    procedures for this machine, clocked or not
     * @param ProposedBatch|null              $batch      what is done in one go on it today; null when nothing is due
     */
    public function __construct(
        public string $stamp,
        public int $newest,
        public MachineHistory $history,
        public array $rhythms,
        public array $estimates,
        public array $procedures,
        public array $graded,
        public array $starts,
        public array $offered,
        public ?ProposedBatch $batch,
    ) {
    }
}
