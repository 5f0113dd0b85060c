<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Chemistry\ShoppingRule;

/** What to buy so that a supply lasts. */
final class Shopping
{
    /**
     * The packages of one size that are enough and cost the least for what of them is used at all; those with the least left
     * over where two cost the same. Where no price is known, one that is enough by itself, the smallest, or else the usual one.
     *
     * @param float $missing in the supply's unit
     * @param list<Package> $packages the usual one first
     * @param float $useful what is used before it is too old, in the supply's unit; more than is missing makes a larger package
     *     worth its price
     */
    public static function of(float $missing, array $packages, float $useful = 0.0): ?Buy
    {
        $best = null;
        foreach ($missing > Forecast::SLACK ? $packages : [] as $place => $package) {
            $count = (int) ceil($missing / $package->size - Forecast::SLACK);
            $price = null === $package->price ? null : $count * $package->price;
            $rank = null === $price
                ? [1, 1 === $count ? $package->size : INF, (float) $place]
                : [0, $price / min(max($missing, $useful), $count * $package->size), $count * $package->size - $missing];
            if (null === $best || $rank < $best[0]) {
                $best = [$rank, new Buy($package, $count, $price)];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * What to buy of a supply by a rule; null for nothing.
     *
     * @param list<Package> $packages the usual one first
     */
    public static function by(ShoppingRule $rule, Stock $stock, Forecast $forecast, array $packages): ?Buy
    {
        return self::of(
            $forecast->missing($stock->level, $stock->doubt(), $rule->reach, $stock->pouredOff()),
            $packages,
            $forecast->need($rule->usefulDays($stock->supply)) - $stock->level,
        );
    }
}
