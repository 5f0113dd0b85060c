<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\Household;
use App\Models\HouseholdSupply;
use App\Models\Machine;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Reads what is in a household's cupboard, and what its machines will take of it in the year ahead. */
final readonly class CupboardReader
{
    public function __construct(
        private Handbook $handbook,
        private SupplyNames $names,
        private StockReader $stock,
        private NeedReader $needs,
        private ClockInterface $clock,
    ) {
    }

    public function of(Household $household): Cupboard
    {
        $machines = $household->activeMachines()->get()->keyBy(static fn (Machine $machine): string => strtolower($machine->id));
        $kept = HouseholdSupply::of($household);
        $demands = $this->needs->of($household);
        $book = $this->stock->of($household, $kept, array_map(strval(...), array_keys($demands)));
        // Parts of machines that are gone stay in the logbook only.
        $stocks = array_filter($book->stocks, static function (Stock $stock) use ($machines): bool {
            $part = Supply::partOf($stock->supply->id);

            return null === $part || isset($machines[$part[0]]);
        });

        return new Cupboard(
            Day::at($this->clock->now(), $household->zone()),
            $stocks,
            OwnUse::ahead($kept, $demands, NeedReader::DAYS),
            $book->packages,
            array_map(fn (Stock $stock): string => $this->names->of(
                $stock->supply->id,
                $machines[Supply::partOf($stock->supply->id)[0] ?? ''] ?? null,
            ), $stocks),
            $kept,
            $book->wishes,
            $book->needs,
            $book->turns,
            $this->handbook->cupboard()->shopping,
        );
    }
}
