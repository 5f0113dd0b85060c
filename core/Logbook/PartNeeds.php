<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\PartNeed;

/** Which parts of a machine wait for a new one, as the logbook has it. */
final class PartNeeds
{
    /**
     * @param iterable<Entry> $entries of one machine, in force
     *
     * @return array<string, PartNeedRecord> by part, the longest waiting first; what was fitted since waits no longer
     */
    public static function of(iterable $entries): array
    {
        $needs = [];
        foreach (Entry::inOrder($entries) as $entry) {
            $payload = $entry->payload;
            if ($payload instanceof PartFitted) {
                unset($needs[$payload->part]);
            } elseif ($payload instanceof PartNeed) {
                $before = $needs[$payload->part] ?? null;
                $needs[$payload->part] = new PartNeedRecord(
                    $payload->part,
                    $payload->stage,
                    $payload->number ?? $before?->number,
                    $payload->note ?? $before?->note,
                    $before->since ?? $entry->happenedAt,
                    $entry->happenedAt,
                );
            }
        }

        return $needs;
    }
}
