<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Usage\UseDay;

/** What UsePage::for() hands to its view. */
final readonly class UseData extends PageData
{
    /**
     * @param list<list<array{Day, UseDay|null}>> $weeks
     * @param list<float> $sums
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public Day $today,
        public array $weeks,
        public array $sums,
        public float $rate,
        public bool $measured,
        public int $back,
        public int $step,
    ) {
    }
}
