<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Logbook\Entry as LogbookEntry;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Logbook\PartNeeds;
use GoodRinse\Core\Logbook\Payload\EntryKind;

/** Reads which parts wait for a new one. */
final readonly class PartNeedReader
{
    /** @return array<string, PartNeedRecord> by part */
    public function machine(Machine $machine): array
    {
        return $this->household($machine->household()->firstOrFail(), $machine)[$machine->id] ?? [];
    }

    /**
     * @param Machine|null $only that is wanted; null for all
     *
     * @return array<string, non-empty-array<string, PartNeedRecord>> by machine and part; machines that wait for nothing are
     *     left out
     */
    public function household(Household $household, ?Machine $only = null): array
    {
        $entries = Entry::query()->where('household_id', $household->id)
            ->whereIn('kind', [EntryKind::PartNeed, EntryKind::PartFitted])
            ->when(null !== $only, static fn ($query) => $query->where('machine_id', $only?->id))
            ->orderBy('seq')
            ->get();
        if ($entries->doesntContain(static fn (Entry $entry): bool => EntryKind::PartNeed === $entry->kind)) {
            return [];
        }
        $byMachine = [];
        foreach (Entry::inForce($entries) as $entry) {
            $byMachine[(string) $entry->machine_id][] = new LogbookEntry(
                $entry->id,
                $entry->seq,
                $entry->happened_at->toDateTimeImmutable(),
                $entry->decode(),
            );
        }

        return array_filter(array_map(PartNeeds::of(...), $byMachine));
    }
}
