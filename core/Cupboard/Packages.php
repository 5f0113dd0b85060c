<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;

/** What supplies are sold in: packages the household has bought, at what they cost last, and those of the handbook. */
final class Packages
{
    /**
     * @param array<string, Supply> $supplies by id
     * @param iterable<Entry> $entries in force, in any order
     *
     * @return array<string, non-empty-list<Package>> by supply, the one that was bought last first
     */
    public static function of(array $supplies, iterable $entries): array
    {
        /** @var array<string, array<string, Package>> $own by supply and size, the one that was bought last at the end */
        $own = [];
        foreach (Entry::inOrder($entries) as $entry) {
            $bought = $entry->payload;
            $size = $bought instanceof Purchase ? ($supplies[$bought->supply] ?? null)?->inUnit($bought->package) : null;
            if ($bought instanceof Purchase && null !== $size && $size > 0) {
                $key = self::key($size);
                $price = null === $bought->price ? ($own[$bought->supply][$key] ?? null)?->price : $bought->price / $bought->count;
                unset($own[$bought->supply][$key]);
                $own[$bought->supply][$key] = new Package($size, $price);
            }
        }
        $packages = [];
        foreach ($supplies as $id => $supply) {
            $mine = $own[$id] ?? [];
            $others = array_filter($supply->packages, static fn (float $size): bool => !isset($mine[self::key($size)]));
            /** @var non-empty-list<Package> $all one of the two holds something: a supply has a package, or it was bought */
            $all = [
                ...array_values(array_reverse($mine)),
                ...array_map(static fn (float $size): Package => new Package($size), array_values($others)),
            ];
            $packages[$id] = $all;
        }

        return $packages;
    }

    private static function key(float $size): string
    {
        return sprintf('%.2e', $size); // what was converted there and back is the same package
    }
}
