<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Models\HouseholdSupply;
use GoodRinse\Core\Cupboard\Packages;
use GoodRinse\Core\Cupboard\StockLedger;
use GoodRinse\Core\Cupboard\Wishes;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Logbook\PartNeeds;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use Illuminate\Contracts\Cache\Repository;
use Psr\Clock\ClockInterface;

/** Reads what the logbook says of a household's cupboard; it is kept until another line is about it. */
final readonly class StockReader
{
    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 1;

    public function __construct(
        private Handbook $handbook,
        private SupplyCatalog $catalog,
        private StockFingerprint $stamp,
        private OwnUse $ownUse,
        private Repository $cache,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param array<string, HouseholdSupply> $kept how the household keeps its supplies, by supply
     * @param list<string> $needed supplies that jobs take
     */
    public function of(Household $household, array $kept, array $needed): StockBook
    {
        $stamp = implode(' ', [
            self::SHAPE,
            $this->handbook->version(),
            $this->stamp->of($household),
            hash('xxh64', implode(' ', $needed)),
        ]);
        $key = "stock.$household->id";
        $there = $this->cache->get($key);
        if (is_array($there) && $stamp === ($there[0] ?? null) && ($there[1] ?? null) instanceof StockBook) {
            return $there[1];
        }
        $entries = StockEntries::of($household);
        $partNeeds = self::partNeeds($entries);
        $supplies = $this->catalog->of($kept, [...$needed, ...array_keys($partNeeds), ...self::named($entries)]);
        $ledger = new StockLedger($supplies);
        $stocks = $ledger->of($entries->entries, $entries->machines);
        $beside = $this->ownUse->since($kept, $stocks, $this->clock->now());
        $book = new StockBook(
            [] === $beside ? $stocks : $ledger->of([...$entries->entries, ...$beside], $entries->machines),
            Packages::of($supplies, $entries->entries),
            Wishes::of($entries->entries),
            $partNeeds,
            $entries->turns,
        );
        // What goes by the calendar is worked out anew each time.
        if (!OwnUse::isAny($kept)) {
            $this->cache->forever($key, [$stamp, $book]);
        }

        return $book;
    }

    /** @return list<string> supplies that entries are about */
    private static function named(StockEntries $entries): array
    {
        return array_values(array_unique(array_map(
            static fn (Entry $entry): string => StockLedger::about($entry->payload, $entries->machines[$entry->id] ?? null)[0],
            $entries->entries,
        )));
    }

    /** @return array<string, PartNeedRecord> by supply */
    private static function partNeeds(StockEntries $entries): array
    {
        $byMachine = $needs = [];
        foreach ($entries->entries as $entry) {
            if ($entry->payload instanceof PartNeed || $entry->payload instanceof PartFitted) {
                $byMachine[$entries->machines[$entry->id] ?? ''][] = $entry;
            }
        }
        foreach ($byMachine as $machine => $some) {
            foreach (PartNeeds::of($some) as $part => $need) {
                $needs[Supply::partId($machine, $part)] = $need;
            }
        }

        return $needs;
    }
}
