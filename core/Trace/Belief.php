<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/**
 * How likely each cause still is, by its place and not adding up to anything, as what is learned changes it.
 *
 * @internal to this folder
 */
final class Belief
{
    /**
     * What is left of it when a check came out so.
     *
     * @param array<int, float> $belief
     * @param array<int, float> $chances of that result by cause; one that is not named counts 0
     *
     * @return array<int, float>
     */
    public static function given(array $belief, array $chances): array
    {
        foreach ($belief as $cause => $weight) {
            $belief[$cause] = $weight * ($chances[$cause] ?? 0.0);
        }

        return $belief;
    }

    /**
     * What is left of it when an action did not help.
     *
     * @param array<int, float> $belief
     *
     * @return array<int, float>
     */
    public static function without(array $belief, Action $action): array
    {
        foreach ($action->fixes as $cause => $helps) {
            $belief[$cause] *= 1 - $helps;
        }

        return $belief;
    }
}
