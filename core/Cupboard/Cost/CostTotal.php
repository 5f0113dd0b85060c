<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

/** What several costs come to. */
final readonly class CostTotal
{
    /**
     * @param float $money 0 or more
     * @param array<string, float> $byKind the same by kind of cost; kinds without any are left out
     * @param int $unpriced how many of them nobody has said a price of
     * @param int $count of all
     */
    private function __construct(public float $money, public array $byKind, public int $unpriced, public int $count)
    {
    }

    /** @param iterable<Cost> $costs */
    public static function of(iterable $costs): self
    {
        $byKind = [];
        $unpriced = $count = 0;
        foreach ($costs as $cost) {
            ++$count;
            if (null === $cost->money) {
                ++$unpriced;
            } else {
                $byKind[$cost->kind->value] = ($byKind[$cost->kind->value] ?? 0.0) + $cost->money;
            }
        }

        return new self(array_sum($byKind), $byKind, $unpriced, $count);
    }

    /**
     * @param iterable<Cost> $costs
     * @param \Closure(Cost): (string|int) $by
     *
     * @return array<array-key, self> the most money first
     */
    public static function by(iterable $costs, \Closure $by): array
    {
        $groups = [];
        foreach ($costs as $cost) {
            $groups[$by($cost)][] = $cost;
        }
        $sums = array_map(self::of(...), $groups);
        uasort($sums, static fn (self $a, self $b): int => $b->money <=> $a->money);

        return $sums;
    }
}
