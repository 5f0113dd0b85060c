<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;

/** What somebody put on the shopping list, or took off it, since it was last bought. */
final class Wishes
{
    /**
     * @param iterable<Entry> $entries in force, in any order
     *
     * @return array<string, int> packages by supply; 0 for what is to be left off
     */
    public static function of(iterable $entries): array
    {
        $wishes = [];
        foreach (Entry::inOrder($entries) as $entry) {
            $payload = $entry->payload;
            if ($payload instanceof Purchase) {
                unset($wishes[$payload->supply]);
            } elseif ($payload instanceof Wish) {
                $wishes[$payload->supply] = $payload->count;
            }
        }

        return $wishes;
    }
}
