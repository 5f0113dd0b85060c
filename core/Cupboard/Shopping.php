<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** What to buy so that a supply lasts. */
final class Shopping
{
    private const SLACK = 1e-9;

    /**
     * The cheapest packages of one size that are enough, those with the least left over where two cost the same; where no price is
     * known, one that is enough by itself, the smallest, or else the usual one.
     *
     * @param float $missing in the supply's unit
     * @param list<Package> $packages the usual one first
     */
    public static function of(float $missing, array $packages): ?Buy
    {
        $best = null;
        foreach ($missing > self::SLACK ? $packages : [] as $place => $package) {
            $count = (int) ceil($missing / $package->size - self::SLACK);
            $price = null === $package->price ? null : $count * $package->price;
            $rank = null === $price
                ? [1, 1 === $count ? $package->size : INF, (float) $place]
                : [0, $price, $count * $package->size - $missing];
            if (null === $best || $rank < $best[0]) {
                $best = [$rank, new Buy($package, $count, $price)];
            }
        }

        return $best[1] ?? null;
    }
}
