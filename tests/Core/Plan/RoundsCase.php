<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\Schedule;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Simulation\Dice;
use Tests\Core\CoreTestCase;

/** Random rounds, and what a plan of them must keep. */
abstract class RoundsCase extends CoreTestCase
{
    /**
     * @param list<Activity> $activities
     * @param list<TimeLink> $links
     */
    protected static function assertKept(array $activities, array $links, Schedule $schedule): void
    {
        $minutes = [];
        foreach ($activities as $n => $a) {
            $minutes[$a->id] = $a->minutes;
            foreach (array_slice($activities, $n + 1) as $b) {
                [$from, $to] = [$schedule->starts[$a->id], $schedule->starts[$b->id]];
                self::assertTrue(
                    [] === array_intersect($a->needs, $b->needs) || $from + $a->minutes <= $to + 1e-6 || $to + $b->minutes <= $from + 1e-6,
                    "$a->id and $b->id at once",
                );
            }
        }
        foreach ($links as $link) {
            $lag = $schedule->starts[$link->to] - $schedule->starts[$link->from] - $minutes[$link->from];
            self::assertGreaterThanOrEqual($link->least - 1e-6, $lag, "$link->to too soon");
            self::assertLessThanOrEqual(($link->most ?? INF) + 1e-6, $lag, "$link->to too late");
        }
    }

    /**
     * @param (\Closure(Procedure): bool)|null $wanted
     *
     * @return array{Procedure, array<string, string>} of a random machine, with what it will be answered
     */
    protected static function random(Dice $dice, int $jobs = 1, ?\Closure $wanted = null): array
    {
        $kinds = array_keys(self::handbook()->kindNames());
        do {
            $kind = self::handbook()->kind($kinds[$dice->between(0, count($kinds) - 1)]);
            $traits = [];
            foreach ($kind->traits() as $trait) {
                if (null === $trait->number && $dice->uniform() < 0.7) {
                    $traits[$trait->id] = $trait->options[$dice->between(0, count($trait->options) - 1)]->id;
                }
            }
            $ids = array_keys($kind->procedureNames);
            $picked = [] === $ids ? [] : array_map(static fn (): string => $ids[$dice->between(0, count($ids) - 1)], range(1, $jobs));
            try {
                $procedure = [] === $picked ? null : (new Composer(self::handbook()))->compose(
                    $kind,
                    ProcedureSet::from(array_values(array_unique($picked))),
                    new Circumstances($traits),
                )->procedure;
            } catch (OrderConflict) {
                $procedure = null;
            }
        } while (null === $procedure || (null !== $wanted && !$wanted($procedure)));
        $soil = [];
        foreach ($procedure->steps as $step) {
            $soil[$step->capture->of ?? ''] = Fraction::of($dice->uniform() * 0.9);
        }

        $answers = Expectation::of($procedure, self::handbook(), $soil);
        foreach ($procedure->steps as $step) {
            $options = null === $wanted ? [] : $step->capture->options ?? [];
            if ([] !== $options) {
                $answers[$step->capture->id] = $options[$dice->between(0, count($options) - 1)]->id;
            }
        }

        return [$procedure, $answers];
    }
}
