<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

/** Something that care cost, and what for. */
final readonly class Cost
{
    /**
     * @param int $year on the household's calendar
     * @param string $machine id; empty for none
     * @param string $task id; empty where it was for no task
     * @param float|null $money 0 or more; null where nobody has said a price
     * @param string $entry id of the entry, round or trace that it follows from
     */
    public function __construct(
        public int $year,
        public string $machine,
        public string $task,
        public CostKind $kind,
        public ?float $money,
        public string $entry,
    ) {
    }
}
