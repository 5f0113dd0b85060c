<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\PartNames;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Logbook\Payload\PartNeed;

/** Finds the new parts that a trace waits for: to be ordered or ordered, and able to put right what is looked into. */
final readonly class PartWaits
{
    public function __construct(private PartNeedReader $needs, private Handbook $handbook, private PartNames $names)
    {
    }

    /** @return array<string, PartNeedRecord> by name of the part; empty for a trace that has ended */
    public function of(Trace $trace): array
    {
        $faults = $this->handbook->trouble($trace->machine->kind);
        if (null === $faults || null !== $trace->ended_at) {
            return [];
        }
        $needs = array_filter(
            $this->needs->machine($trace->machine),
            static fn (PartNeedRecord $need): bool => PartNeed::WORN !== $need->stage,
        );
        $names = [] === $needs ? [] : $this->names->of($trace->machine);
        $suspects = $faults->suspectsOf($trace->noticed());
        $waits = [];
        foreach ($faults->actions as $action) {
            $part = FaultAction::PART === $action->kind && $action->servesOneOf($suspects) ? $faults->partOf($action) : null;
            if (isset($needs[$part ?? ''], $names[$part ?? ''])) {
                $waits[$names[$part ?? '']] = $needs[$part ?? ''];
            }
        }

        return $waits;
    }
}
