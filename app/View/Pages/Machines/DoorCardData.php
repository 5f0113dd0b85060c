<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\Chemistry\Caution;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;

/** What DoorCardPage::for() hands to its view. */
final readonly class DoorCardData extends PageData
{
    /**
     * @param list<TaskCare> $tasks
     * @param list<array{string, list<string>}> $amounts
     * @param list<Caution> $cautions
     * @param list<array{string, list<string>}> $apart
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public MachineKind $kind,
        public Day $today,
        public array $tasks,
        public array $amounts,
        public array $cautions,
        public array $apart,
        public Handbook $handbook,
    ) {
    }
}
