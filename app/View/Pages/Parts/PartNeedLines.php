<?php

declare(strict_types=1);

namespace App\View\Pages\Parts;

use App\Care\PartNames;
use App\Care\Readers\PartNeedReader;
use App\Models\Household;
use App\Models\Machine;

/** What waits for a new part, for Today and for a machine's page. */
final readonly class PartNeedLines
{
    public function __construct(private PartNeedReader $needs, private PartNames $names)
    {
    }

    /**
     * @param list<Machine> $machines
     *
     * @return list<PartNeedLine> the machines in their order, of each the longest waiting first
     */
    public function for(Household $household, array $machines): array
    {
        $lines = [];
        $needs = $this->needs->household($household, 1 === count($machines) ? $machines[0] : null);
        foreach ($machines as $machine) {
            $names = isset($needs[$machine->id]) ? $this->names->of($machine) : [];
            foreach ($needs[$machine->id] ?? [] as $part => $need) {
                if (isset($names[$part])) {
                    $lines[] = new PartNeedLine($machine, $part, $names[$part], (string) __("machines.need_short.$need->stage"));
                }
            }
        }

        return $lines;
    }
}
