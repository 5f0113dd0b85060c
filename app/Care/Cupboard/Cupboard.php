<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use GoodRinse\Core\Cupboard\Buy;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Forecast;
use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\RunOut;
use GoodRinse\Core\Cupboard\Shopping;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Quantity\Day;

/** What is in a household's cupboard, what will be taken of it in the next half year, and what that is sold in. */
final readonly class Cupboard
{
    /**
     * @param array<string, Stock> $stocks of every supply, by id
     * @param array<string, list<Demand>> $demands by supply
     * @param array<string, non-empty-list<Package>> $packages by supply, those that were bought before the others
     */
    public function __construct(public Day $today, public array $stocks, private array $demands, public array $packages)
    {
    }

    /** Whether there is anything to say of a supply. */
    public function concerns(string $supply): bool
    {
        $stock = $this->stocks[$supply];

        return $stock->isKnown() || $stock->used > 0 || isset($this->demands[$supply]);
    }

    /** In the supply's unit, over the horizon. */
    public function need(string $supply): float
    {
        return $this->forecast($supply)->need();
    }

    /** Null when it lasts over the horizon. */
    public function runsOut(string $supply): ?RunOut
    {
        return $this->forecast($supply)->runsOut($this->stocks[$supply]->level, $this->stocks[$supply]->doubt());
    }

    /** What to buy so that it lasts over the horizon; null for nothing. */
    public function buy(string $supply): ?Buy
    {
        return Shopping::of($this->need($supply) - $this->stocks[$supply]->level, $this->packages[$supply]);
    }

    private function forecast(string $supply): Forecast
    {
        return new Forecast($this->demands[$supply] ?? []);
    }
}
