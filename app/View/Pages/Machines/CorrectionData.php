<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Entry;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Handbook\Scale\Scale;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\FieldUnit;
use Illuminate\Database\Eloquent\Collection;

/** What CorrectionPage::for() hands to its view. */
final readonly class CorrectionData extends PageData
{
    /**
     * @param array{}|Collection<int, Machine> $alike
     * @param array<string, CareTask> $tasks
     * @param list<string> $measures
     */
    public function __construct(
        public Entry $entry,
        public Payload $payload,
        public string $words,
        public Day $on,
        public string $at,
        public Day $today,
        public array|Collection $alike,
        public ?MachineKind $kind,
        public array $tasks,
        public ?Scale $scale,
        public ?MeasurementRule $reading,
        public FieldUnit $field,
        public array $measures,
    ) {
    }
}
