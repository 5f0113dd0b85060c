<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

/**
 * Tells which entries count. An entry is out of force when an entry that is itself in force voids it; so
 * undoing an undo brings the first entry back.
 */
final class EffectiveEntries
{
    /**
     * @param array<string, string> $voidedBy for each reversal, newest written first: its id and the id it voids
     *
     * @return array<string, string> id of each entry out of force, with the id of the entry that voids it
     */
    public static function voided(array $voidedBy): array
    {
        $voided = [];
        foreach ($voidedBy as $reversal => $target) {
            if (!isset($voided[$reversal])) {
                $voided[$target] ??= $reversal;
            }
        }

        return $voided;
    }

    /**
     * @param iterable<Entry> $entries in any order
     *
     * @return list<Entry> those in force, without the reversals, oldest happening first
     */
    public static function among(iterable $entries): array
    {
        return self::split($entries)[0];
    }

    /**
     * @param iterable<Entry> $entries in any order
     *
     * @return array{list<Entry>, array<string, string>} those in force, as above, and what is out of force, entries
     *     that are not among them included
     */
    public static function split(iterable $entries): array
    {
        $all = $voids = [];
        foreach ($entries as $entry) {
            if (null === $entry->voids) {
                $all[] = $entry;
            } else {
                $voids[$entry->order] = [$entry->id, $entry->voids];
            }
        }
        krsort($voids);
        $voided = self::voided(array_column($voids, 1, 0));
        $kept = $times = $orders = [];
        foreach ($all as $entry) {
            if (!isset($voided[$entry->id])) {
                $kept[] = $entry;
                $times[] = $entry->happenedAt->getTimestamp();
                $orders[] = $entry->order;
            }
        }
        array_multisort($times, $orders, $kept); // an order is never twice, so entries themselves are not compared

        return [$kept, $voided];
    }
}
