<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Entry;
use App\Models\Machine;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Payload;

/** Reads what was measured on a machine and is in force, the oldest first. */
final readonly class MeasureReader
{
    /** @return list<MeasuredEntry<JetMap>> */
    public function maps(Machine $machine): array
    {
        return $this->entries($machine, EntryKind::Jets, JetMap::class);
    }

    /** @return list<MeasuredEntry<CupRecord>> */
    public function cups(Machine $machine): array
    {
        return $this->entries($machine, EntryKind::Cup, CupRecord::class);
    }

    /** @return list<MeasuredEntry<MeshGrid>> */
    public function grids(Machine $machine): array
    {
        return $this->entries($machine, EntryKind::Grid, MeshGrid::class);
    }

    /**
     * @param list<string> $readings ids in the handbook; all where empty
     *
     * @return list<MeasuredEntry<Measurement>>
     */
    public function readings(Machine $machine, array $readings = []): array
    {
        return array_values(array_filter(
            $this->entries($machine, EntryKind::Measurement, Measurement::class),
            static fn (MeasuredEntry $entry): bool => [] === $readings || in_array($entry->payload->what, $readings, true),
        ));
    }

    /**
     * @template P of Payload
     *
     * @param class-string<P> $class
     *
     * @return list<MeasuredEntry<P>>
     */
    private function entries(Machine $machine, EntryKind $kind, string $class): array
    {
        $entries = [];
        foreach (Entry::inForce($machine->entries()->where('kind', $kind)->orderBy('happened_at')->orderBy('seq')->get()) as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof $class) {
                $entries[] = new MeasuredEntry($entry->id, $entry->happened_at, $payload, $entry->round_id, $entry->step);
            }
        }

        return $entries;
    }
}
