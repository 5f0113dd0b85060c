<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

use GoodRinse\Core\Quantity\Portions;

/** How much of an agent a whole round may take. */
final readonly class KitAgent
{
    /**
     * @param Portions $most that can be poured in one round, whatever is answered
     * @param Portions|null $sure what is poured for sure; null when nothing is
     * @param KitReason|null $if when the rest is needed; null when all is sure
     */
    private function __construct(public string $id, public Portions $most, public ?Portions $sure, public ?KitReason $if)
    {
    }

    /**
     * @internal to this folder
     *
     * @param non-empty-list<KitPour> $pours of the agent
     */
    public static function of(string $id, array $pours): self
    {
        $sure = $if = null;
        $branches = [];
        foreach ($pours as $pour) {
            if (null === $pour->if) {
                $sure = $sure?->plus($pour->portion) ?? Portions::of($pour->portion);
            } else {
                $if = [] === $branches ? $pour->if : KitReason::either($if, $pour->if);
                $branches[] = $pour;
            }
        }

        return new self($id, self::most($sure, $branches, []) ?? Portions::of($pours[0]->portion), $sure, $if);
    }

    /**
     * The most that can be poured in one round: of answers that exclude each other only one is given.
     *
     * @param list<KitPour> $pours that may still be added
     * @param list<KitPour> $taken with which they must be possible
     */
    private static function most(?Portions $sum, array $pours, array $taken): ?Portions
    {
        $pour = array_shift($pours);
        if (null === $pour) {
            return $sum;
        }
        $without = self::most($sum, $pours, $taken);
        foreach ($taken as $other) {
            if (!$pour->branch->agreesWith($other->branch)) {
                return $without;
            }
        }
        $with = self::most($sum?->plus($pour->portion) ?? Portions::of($pour->portion), $pours, [...$taken, $pour]);

        return null === $with || null === $without ? $with ?? $without : $with->largest($without);
    }
}
