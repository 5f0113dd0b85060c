<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Care\TaskCare;
use App\Models\Machine;
use App\Models\Trace;
use App\View\PageData;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What TracePage::note() hands to its view. */
final readonly class TraceNoteData extends PageData
{
    /**
     * @param array<string, Symptom|string> $symptoms
     * @param Collection<int, Machine> $machines
     * @param array<string, array{action: string, trace: Trace, times: int, days: int}> $fixed
     * @param list<string> $lit
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public ?TaskCare $task,
        public array $symptoms,
        public Collection $machines,
        public array $fixed,
        public array $lit,
        public Day $today,
    ) {
    }
}
