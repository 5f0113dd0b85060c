<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Models\HouseholdSupply;
use GoodRinse\Core\Cupboard\Buy;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Forecast;
use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\RunOut;
use GoodRinse\Core\Cupboard\Shopping;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Handbook\Chemistry\ShoppingRule;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Chemistry\SupplyKind;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Quantity\Day;

/** What is in a household's cupboard, what will be taken of it in the year ahead, and what that is sold in. */
final readonly class Cupboard
{
    /**
     * @param array<string, Stock> $stocks of every supply, by id
     * @param array<string, list<Demand>> $demands by supply
     * @param array<string, non-empty-list<Package>> $packages by supply, the one that was bought last first
     * @param array<string, string> $names by supply
     * @param array<string, HouseholdSupply> $kept how the household keeps them, by supply
     * @param array<string, int> $wishes packages that somebody put on the list, 0 for what is to be left off it, by supply
     * @param array<string, PartNeedRecord> $needs parts that wait for a new one, by supply
     * @param array<string, int> $turns line of the logbook that last bought each, or took that back
     */
    public function __construct(
        public Day $today,
        public array $stocks,
        private array $demands,
        public array $packages,
        public array $names,
        public array $kept,
        public array $wishes,
        public array $needs,
        public array $turns,
        public ShoppingRule $rule,
    ) {
    }

    /** Whether there is anything to say of a supply. */
    public function concerns(string $supply): bool
    {
        $stock = $this->stocks[$supply];

        return $stock->isKnown() || $stock->used > 0 || isset($this->demands[$supply]) || isset($this->needs[$supply])
            || null !== Supply::ownName($supply) || ($this->wishes[$supply] ?? 0) > 0;
    }

    public function name(string $supply): string
    {
        return $this->names[$supply];
    }

    /** Where it is kept; empty for the kitchen. */
    public function place(string $supply): string
    {
        return $this->kept[$supply]->place ?? '';
    }

    public function forecast(string $supply): Forecast
    {
        return new Forecast($this->demands[$supply] ?? []);
    }

    /**
     * Null when it lasts up to that day.
     *
     * @param int $until day, from today
     */
    public function runsOut(string $supply, int $until = NeedReader::DAYS): ?RunOut
    {
        $stock = $this->stocks[$supply];
        $run = $this->isAssumed($supply) ? null : $this->forecast($supply)->runsOut($stock->level, $stock->doubt());

        return null === $run || $run->day > $until ? null : $run;
    }

    /** What to buy now; null for nothing. */
    public function buy(string $supply): ?Buy
    {
        $wish = $this->wishes[$supply] ?? null;
        $buy = $this->isAssumed($supply)
            ? null : Shopping::by($this->rule, $this->stocks[$supply], $this->forecast($supply), $this->packages[$supply]);
        $usual = $this->packages[$supply][0];

        return match (true) {
            0 === $wish => null,
            null !== $wish && $wish > ($buy->count ?? 0) => new Buy($usual, $wish, null === $usual->price ? null : $wish * $usual->price),
            null === $buy && $this->isMissing($supply) => new Buy($usual, 1, $usual->price),
            default => $buy,
        };
    }

    /** Whether it stands on the list only until somebody has looked how much there is. */
    public function isUnsure(string $supply): bool
    {
        return !$this->stocks[$supply]->isKnown()
            && !$this->isAssumed($supply)
            && !$this->isMissing($supply)
            && ($this->wishes[$supply] ?? 0) < 1;
    }

    /** Whether it counts as there as long as nobody says otherwise: a tool. */
    private function isAssumed(string $supply): bool
    {
        return SupplyKind::Tool === $this->stocks[$supply]->supply->kind && !$this->stocks[$supply]->isKnown();
    }

    /** Whether a part waits for a new one that is neither there nor ordered. */
    private function isMissing(string $supply): bool
    {
        return isset($this->needs[$supply]) && $this->needs[$supply]->isToBuy() && $this->stocks[$supply]->level < 1;
    }
}
