<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

/** Repair or replace: what a year of a new machine costs, and up to what a repair pays. */
final readonly class Replacement
{
    private const DAYS = 365.25;

    /**
     * @param float $price of a new one, above 0
     * @param float $lasts years that a new one lasts, above 0
     * @param float $left years that this one would last once it is repaired, 0 or more
     * @param float $repairs that were paid for so far, 0 or more
     * @param float|null $age of this one in days; null where nobody has said when it was bought
     */
    public function __construct(
        public float $price,
        public float $lasts,
        public float $left,
        public float $repairs,
        public ?float $age,
    ) {
    }

    /** What a year of a new one costs. */
    public function newPerYear(): float
    {
        return $this->price / $this->lasts;
    }

    /** What repairs have cost in a year, on the whole; null where nobody knows how old it is. */
    public function repairsPerYear(): ?float
    {
        return null === $this->age || $this->age < self::DAYS ? null : $this->repairs / ($this->age / self::DAYS);
    }

    /** A repair that costs more than this does not pay: the years it buys cost less on a new one. */
    public function mostForRepair(): float
    {
        return $this->newPerYear() * $this->left;
    }
}
