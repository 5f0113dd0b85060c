<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * How good a plan is.
 *
 * @internal to this folder
 */
final class PlanValue
{
    /**
     * @param list<float> $starts
     * @param list<string> $hands resources that are people's hands
     *
     * @return array{float, float, float} minutes until all is done, until hands are free, and until work is done on the whole;
     *     less is better, and what comes first before all
     */
    public static function of(Network $network, array $starts, array $hands): array
    {
        $counted = $network->counted();
        $handed = array_values(array_intersect($network->needing($hands), $counted));
        [$late, $work] = [0.0, 0.0];
        foreach ($handed as $i) {
            $late += $starts[$i] * $network->minutes[$i];
            $work += $network->minutes[$i];
        }

        return [
            round($network->end($starts, $counted), 6),
            round($network->end($starts, $handed), 6),
            round($late / max($work, 1.0), 3),
        ];
    }
}
