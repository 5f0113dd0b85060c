<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;

/** What a unit of each supply cost, from one's own purchases. */
final readonly class PriceBook
{
    /**
     * @param array<string, list<array{int, float}>> $prices Unix time and price of a unit, ascending, by supply
     * @param int $others purchases in another money, which are left out
     */
    private function __construct(private array $prices, public int $others)
    {
    }

    /**
     * @param array<string, Supply> $supplies by id
     * @param iterable<Entry> $entries in force, in any order
     * @param string|null $currency the household's money now; what was paid in another is left out
     */
    public static function of(array $supplies, iterable $entries, ?string $currency): self
    {
        $prices = [];
        $others = 0;
        foreach ($entries as $entry) {
            $bought = $entry->payload;
            if (!$bought instanceof Purchase || null === $bought->price) {
                continue;
            }
            if (self::isForeign($bought, $currency)) {
                ++$others;
                continue;
            }
            $all = ($supplies[$bought->supply] ?? null)?->inUnit($bought->all());
            if (null !== $all && $all > 0) {
                $prices[$bought->supply][] = [$entry->happenedAt->getTimestamp(), $bought->price / $all];
            }
        }
        foreach ($prices as &$some) {
            usort($some, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        }
        unset($some);

        return new self($prices, $others);
    }

    /** Whether it was paid in another money than the household has now; what nobody said counts as its own. */
    public static function isForeign(Purchase $bought, ?string $currency): bool
    {
        return null !== $bought->currency && $bought->currency !== $currency;
    }

    /** Price of a unit as it was bought last before a moment, or first after it; null where nobody has said one. */
    public function at(string $supply, \DateTimeImmutable $moment): ?float
    {
        $found = $this->prices[$supply][0][1] ?? null;
        foreach ($this->prices[$supply] ?? [] as [$at, $price]) {
            if ($at <= $moment->getTimestamp()) {
                $found = $price;
            }
        }

        return $found;
    }

    /** Price of a unit as it was bought last; null where nobody has said one. */
    public function last(string $supply): ?float
    {
        $prices = $this->prices[$supply] ?? [];

        return [] === $prices ? null : $prices[count($prices) - 1][1];
    }
}
