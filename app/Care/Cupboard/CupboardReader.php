<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Models\HouseholdSupply;
use App\Models\Machine;
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
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Reads what is in a household's cupboard, and what its machines will take of it in the year ahead. */
final readonly class CupboardReader
{
    public function __construct(
        private Handbook $handbook,
        private SupplyCatalog $catalog,
        private SupplyNames $names,
        private NeedReader $needs,
        private OwnUse $ownUse,
        private ClockInterface $clock,
    ) {
    }

    public function of(Household $household): Cupboard
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $entries = StockEntries::of($household);
        $machines = $household->machines()->get()->keyBy(static fn (Machine $machine): string => strtolower($machine->id));
        $kept = HouseholdSupply::of($household);
        $partNeeds = self::partNeeds($entries);
        $demands = $this->needs->of($household);
        $supplies = $this->catalog->of($kept, [...array_keys($demands), ...array_keys($partNeeds), ...self::named($entries)]);
        $supplies = array_filter(
            $supplies,
            static fn (Supply $supply): bool => null === Supply::partOf($supply->id) || isset($machines[Supply::partOf($supply->id)[0]]),
        );
        $ledger = new StockLedger($supplies);
        $stocks = $ledger->of($entries->entries, $entries->machines);
        $beside = $this->ownUse->since($kept, $stocks, $now);

        return new Cupboard(
            $today,
            [] === $beside ? $stocks : $ledger->of([...$entries->entries, ...$beside], $entries->machines),
            OwnUse::ahead($kept, $demands, NeedReader::DAYS),
            Packages::of($supplies, $entries->entries),
            array_map(
                fn (Supply $supply): string => $this->names->of($supply->id, $machines[Supply::partOf($supply->id)[0] ?? ''] ?? null),
                $supplies,
            ),
            $kept,
            Wishes::of($entries->entries),
            $partNeeds,
            $entries->turns,
            $this->handbook->cupboard()->shopping,
        );
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
