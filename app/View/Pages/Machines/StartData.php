<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\DateChange;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;

/** What StartPage::for() hands to its view. */
final readonly class StartData extends PageData
{
    /**
     * @param array<string, string> $said
     * @param list<DateChange>|null $moved
     */
    public function __construct(
        public Machine $machine,
        public Machine $tried,
        public MachineKind $kind,
        public array $said,
        public Day $today,
        public ?array $moved,
    ) {
    }
}
