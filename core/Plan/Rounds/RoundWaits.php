<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

use GoodRinse\Core\Handbook\Procedure\Step;

/**
 * How long the waits of a round last by itself, and which of them keep the sink.
 *
 * @internal to this folder
 */
final class RoundWaits
{
    /**
     * Minutes from the end of each step that begins a wait to the step that waits for it, in the round by itself: the wait,
     * or the work in between where that takes longer.
     *
     * @param list<Step> $steps
     * @param array<string, string> $answers
     * @param array<string, float> $ready minutes until waits that run are over
     *
     * @return array<string, float> by the step that begins the wait
     */
    public static function spans(array $steps, array $answers, array $ready): array
    {
        [$clock, $ends, $spans] = [0.0, [], []];
        foreach ($steps as $step) {
            $clock = max($clock, $ready[$step->waitsFor ?? ''] ?? 0.0);
            if (isset($ends[$step->waitsFor ?? ''])) {
                $spans[$step->waitsFor] ??= $clock - $ends[$step->waitsFor];
            }
            $clock += $step->hands->value;
            if (null !== $step->timer) {
                $ends[$step->id] = $clock;
                $ready[$step->id] = $clock + $step->timer->lasts($answers)->value;
            }
        }

        return $spans;
    }

    public static function usesSink(Step $step): bool
    {
        return in_array(RoundBlocks::SINK, $step->needs, true);
    }

    /**
     * Whether nothing else is done in the sink until the wait is over: then what waits lies in it.
     *
     * @param list<Step> $after the steps that follow
     */
    public static function keepsSink(Step $step, array $after): bool
    {
        foreach ($after as $next) {
            if ($next->waitsFor === $step->id) {
                break;
            }
            if (self::usesSink($next)) {
                return false;
            }
        }

        return self::usesSink($step);
    }
}
