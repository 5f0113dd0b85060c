<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use GoodRinse\Core\Plan\Schedule\Schedule;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

/** Random plans, what they must keep, and the best there is by trying everything. */
abstract class PlanCase extends TestCase
{
    private const RESOURCES = ['hands', 'sink', 'dishwasher'];

    /**
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     *
     * @return list<string>
     */
    protected static function conflict(array $steps, array $links): array
    {
        try {
            (new Scheduler())->plan($steps, $links);
        } catch (ImpossiblePlan $e) {
            return array_map(static fn (TimeLink $link): string => "$link->from → $link->to", $e->links);
        }
        self::fail('it can be kept');
    }

    /** @return array{list<Activity>, list<TimeLink>} */
    protected static function random(Dice $dice, int $count, bool $greatest = true): array
    {
        $steps = $links = [];
        for ($i = 0; $i < $count; ++$i) {
            $needs = array_values(array_filter(self::RESOURCES, static fn (): bool => $dice->uniform() < 0.45));
            $steps[] = new Activity("s$i", (float) $dice->between(0, 12), $needs);
            for ($j = 0; $j < $i; ++$j) {
                if ($dice->uniform() < 2 / $count) {
                    $least = (float) $dice->between(0, 8);
                    $most = $greatest && $dice->uniform() < 0.4 ? $least + $dice->between(0, 6) : null;
                    $links[] = new TimeLink("s$j", "s$i", $least, $most);
                }
            }
        }

        return [$steps, $links];
    }

    /**
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     */
    protected static function assertFeasible(Schedule $schedule, array $steps, array $links): void
    {
        $byId = array_column(array_map(static fn (Activity $step): array => [$step->id, $step], $steps), 1, 0);
        foreach ($links as $link) {
            $lag = $schedule->starts[$link->to] - $schedule->starts[$link->from] - $byId[$link->from]->minutes;
            self::assertGreaterThanOrEqual($link->least - 1e-6, $lag);
            self::assertLessThanOrEqual(($link->most ?? INF) + 1e-6, $lag);
        }
        foreach ($steps as $n => $a) {
            self::assertGreaterThanOrEqual(-1e-9, $schedule->starts[$a->id]);
            foreach (array_slice($steps, $n + 1) as $b) {
                if ([] !== array_intersect($a->needs, $b->needs) && $a->minutes > 0 && $b->minutes > 0) {
                    $between = $schedule->starts[$b->id] - $schedule->starts[$a->id];
                    $apart = max($between - $a->minutes, -$between - $b->minutes);
                    self::assertGreaterThanOrEqual(-1e-6, $apart, "$a->id and $b->id at once");
                }
            }
        }
    }

    /**
     * Every order of every two steps that share something, each with its longest paths.
     *
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     *
     * @return array{float, float}|null the shortest finish, and with it the soonest free hands; null when nothing can be kept
     */
    protected static function bruteForce(array $steps, array $links): ?array
    {
        [$number, $arcs, $pairs] = [array_flip(array_column($steps, 'id')), [], []];
        foreach ($links as $link) {
            [$a, $b, $minutes] = [$number[$link->from], $number[$link->to], $steps[$number[$link->from]]->minutes];
            $arcs[] = [$a, $b, $minutes + $link->least];
            if (null !== $link->most) {
                $arcs[] = [$b, $a, -$minutes - $link->most];
            }
        }
        foreach ($steps as $i => $a) {
            foreach ($steps as $j => $b) {
                if ($i < $j && [] !== array_intersect($a->needs, $b->needs) && $a->minutes > 0 && $b->minutes > 0) {
                    $pairs[] = [$i, $j];
                }
            }
        }
        $best = null;
        for ($choice = 0; $choice < 2 ** count($pairs); ++$choice) {
            $all = $arcs;
            foreach ($pairs as $bit => [$i, $j]) {
                [$first, $second] = 0 === ($choice >> $bit) % 2 ? [$i, $j] : [$j, $i];
                $all[] = [$first, $second, $steps[$first]->minutes];
            }
            $starts = self::soonest(count($steps), $all);
            if (null !== $starts) {
                $ends = array_map(static fn (int $i): float => $starts[$i] + $steps[$i]->minutes, array_keys($steps));
                $isHanded = static fn (int $i): bool => in_array('hands', $steps[$i]->needs, true);
                $hands = array_filter($ends, $isHanded, ARRAY_FILTER_USE_KEY);
                $found = [max($ends), max([0.0, ...$hands])];
                $best = null === $best || $found < $best ? $found : $best;
            }
        }

        return $best;
    }

    /**
     * @param list<array{int, int, float}> $arcs
     *
     * @return list<float>|null
     */
    protected static function soonest(int $count, array $arcs): ?array
    {
        $starts = array_fill(0, $count, 0.0);
        for ($round = 0; $round <= $count + 1; ++$round) {
            $hasChanged = false;
            foreach ($arcs as [$from, $to, $minutes]) {
                if ($starts[$from] + $minutes > $starts[$to] + 1e-9) {
                    [$starts[$to], $hasChanged] = [$starts[$from] + $minutes, true];
                }
            }
            if (!$hasChanged) {
                return $starts;
            }
        }

        return null;
    }
}
