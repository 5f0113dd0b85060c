<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

/**
 * Tells which entries count. An entry is out of force when an entry that is itself in force voids it; so
 * undoing an undo brings the first entry back.
 */
final class InForce
{
    /**
     * @param array<string, string> $voidedBy for each voiding entry, newest written first: its id and the id it voids
     *
     * @return array<string, string> id of each entry out of force, with the id of the entry that voids it
     */
    public static function voided(array $voidedBy): array
    {
        $voided = [];
        foreach ($voidedBy as $voiding => $target) {
            if (!isset($voided[$voiding])) {
                $voided[$target] ??= $voiding;
            }
        }

        return $voided;
    }

    /**
     * @param iterable<Entry> $entries in any order
     *
     * @return list<Entry> those in force, without the voidings, oldest happening first
     */
    public static function among(iterable $entries): array
    {
        $all = [...$entries];
        usort($all, static fn (Entry $a, Entry $b): int => $b->order <=> $a->order);
        $voids = [];
        foreach ($all as $entry) {
            if (null !== $entry->voids) {
                $voids[$entry->id] = $entry->voids;
            }
        }
        $voided = self::voided($voids);
        $kept = array_filter($all, static fn (Entry $entry): bool => null === $entry->voids && !isset($voided[$entry->id]));
        usort($kept, static fn (Entry $a, Entry $b): int => [$a->happenedAt, $a->order] <=> [$b->happenedAt, $b->order]);

        return $kept;
    }
}
