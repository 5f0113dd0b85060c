<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Plans steps over resources of which there is one each, so that everything is done soonest; among equals, so that hands are
 * free soonest; and among those, so that what can be done early is, without going from machine to machine too often. Up to
 * twenty-five steps it tries everything; beyond, it starts from many orders, improves them, and says how far from the best
 * they can be at most. What several people could do is given to one of them.
 */
final readonly class Scheduler
{
    /** Steps up to which everything is tried. */
    private const EXACT = 25;
    /** Steps up to which nothing needs to be improved first. */
    private const TINY = 10;
    public const NODES = 30_000;
    /** Goes up whenever the same steps may get another plan than before. */
    public const VERSION = 2;
    private const FEW_NODES = 60;
    private const MORE_NODES = 900;
    /** So near the bound few orders are enough. */
    private const GOOD = 1.02;
    /** Beyond, an order tried takes as long as the square of the steps. */
    private const SQUARES = 600_000;
    private const RESTARTS = 40;
    /** Orders tried to make a plan shorter before everything is, each in some millionths of a second for every step. */
    private const TRIES = 1500;
    /** Stretches of time that are looked at beyond twenty-five steps: so many by the square of the steps. */
    private const WINDOWS = 15_000;
    /** So near the bound nothing is searched for any more. */
    private const NEAR = 1.003;
    private const TRIES_TO_SMOOTH = 800;
    /** Of the orders tried, one in so many is to free hands sooner. */
    private const HANDS_SHARE = 6;
    /** Ways to divide the work that are looked at closely. */
    private const DIVISIONS = 2;
    /** Orders tried to see what a way to divide the work is good for. */
    private const ORDERS_TO_DIVIDE = 6;
    private const TRIES_TO_DIVIDE = 250;
    private const STEPS_GIVEN_AWAY = 16;

    /** @param int $mostNodes orders that are tried before it settles for what it has */
    public function __construct(private int $mostNodes = self::NODES)
    {
    }

    /**
     * @param list<Activity> $activities
     * @param list<TimeLink> $links
     * @param list<string> $hands resources that are people's hands
     * @param int $seed of the orders it starts from
     *
     * @throws InvalidPlan when an id is there twice, or a link names none
     * @throws ImpossiblePlan when the links cannot all be kept
     */
    public function plan(array $activities, array $links, array $hands = ['hands'], int $seed = 1): Schedule
    {
        $network = Network::of($activities, $links);
        if ([] === $activities) {
            return new Schedule([], 0.0, 0.0, 0.0, true);
        }
        $isShared = [] !== array_filter($activities, static fn (Activity $activity): bool => [] !== $activity->anyOf);

        return $isShared ? $this->divided($network, $hands, $seed) : $this->given($network, $hands, $seed);
    }

    /**
     * Of the ways to give the steps away that look best, the one with the best plan; where none is done sooner, the one in which
     * the work is, so that whoever lends a hand has something to do.
     *
     * @param list<string> $hands
     *
     * @throws ImpossiblePlan
     */
    private function divided(Network $network, array $hands, int $seed): Schedule
    {
        $assignment = Assignment::of($network);
        $bound = LowerBound::of($network);
        $ways = [];
        foreach ($assignment->whole() as $n => $way) {
            $ways[] = [...$this->quick($way, $network, $hands, $seed), $n, $way];
        }
        sort($ways);
        $best = null;
        foreach (array_slice($ways, 0, self::DIVISIONS) as [, , , , $way]) {
            $best = $this->better($best, $way, $network, $hands, $seed);
        }
        $best ?? throw ImpossiblePlan::links($network->limits());
        $left = self::STEPS_GIVEN_AWAY;
        foreach ($best[0]->finish <= $bound + Distances::SLACK ? [] : $assignment->neighbours($best[1]) as $way) {
            if (--$left < 0 || $best[0]->finish <= $bound + Distances::SLACK) {
                break;
            }
            if ($this->quick($way, $network, $hands, $seed)[0] < $best[0]->finish - Distances::SLACK) {
                $best = $this->better($best, $way, $network, $hands, $seed) ?? $best;
            }
        }
        [$schedule, $given] = $best;
        $isProved = $schedule->finish <= $bound + Distances::SLACK;

        return new Schedule(
            $schedule->starts,
            $schedule->finish,
            $schedule->handsFree,
            $isProved ? $schedule->finish : $bound,
            $isProved,
            self::who($network->activities, $given),
        );
    }

    /**
     * @param list<Activity> $activities that several could do
     * @param list<Activity> $given the same, given to one each
     *
     * @return array<string, string>
     */
    private static function who(array $activities, array $given): array
    {
        $who = [];
        foreach ($activities as $i => $activity) {
            if ([] !== $activity->anyOf) {
                $who[$activity->id] = $given[$i]->needs[count($given[$i]->needs) - 1];
            }
        }

        return $who;
    }

    /**
     * @param array{Schedule, list<Activity>}|null $best
     * @param list<Activity> $way
     * @param list<string> $hands
     *
     * @return array{Schedule, list<Activity>}|null
     */
    private function better(?array $best, array $way, Network $network, array $hands, int $seed): ?array
    {
        try {
            $schedule = $this->given($network->with($way), $hands, $seed);
        } catch (ImpossiblePlan) {
            return $best;
        }
        $value = static fn (Schedule $of): array => PlanValue::of($network, array_values($of->starts), $hands);
        $isBetter = null === $best || $value($schedule) < $value($best[0]);

        return $isBetter ? [$schedule, $way] : $best;
    }

    /**
     * What a way to give the steps away comes to at most; INF where none was found at once.
     *
     * @param list<Activity> $way
     * @param list<string> $hands
     *
     * @return array{float, float, float} see PlanValue
     */
    private function quick(array $way, Network $network, array $hands, int $seed): array
    {
        $given = $network->with($way);
        $start = self::start($given, $seed, self::ORDERS_TO_DIVIDE);
        if (null === $start) {
            return [INF, INF, INF];
        }
        $starts = (new LocalSearch($given, $hands))->shorten($start, LowerBound::of($given), self::TRIES_TO_DIVIDE, $seed);

        return PlanValue::of($given, $starts, $hands);
    }

    /** @return list<float>|null */
    private static function start(Network $network, int $seed, int $orders): ?array
    {
        return $network->hasGreatestLags()
            ? (new Packing($network))->best($seed, $orders)
            : (new OrderList($network))->best($seed, $orders);
    }

    /** @return positive-int */
    private function tries(int $most): int
    {
        return max(1, min($most, 10 * $this->mostNodes));
    }

    /**
     * @param list<string> $hands
     *
     * @throws ImpossiblePlan
     */
    private function given(Network $network, array $hands, int $seed): Schedule
    {
        $counted = $network->counted();
        $handed = array_values(array_intersect($network->needing($hands), $counted));
        $count = count($network->minutes);
        $bound = LowerBound::of($network);
        $start = self::start($network, $seed, max(1, min(self::RESTARTS, intdiv(self::SQUARES, $count ** 2))));
        if (null !== $start && $count > self::TINY) {
            $start = (new LocalSearch($network, $hands))->shorten($start, $bound, $this->tries(self::TRIES), $seed);
            $windows = $count > self::EXACT ? intdiv(self::WINDOWS, $count ** 2) : 0;
            $start = (new WindowSearch($network))->shorten($start, self::NEAR * $bound, $windows, $seed);
        }
        $near = null !== $start && $network->end($start, $counted) <= self::GOOD * $bound;
        $nodes = match (true) {
            $count <= self::EXACT => $this->mostNodes,
            $near => min(self::FEW_NODES, $this->mostNodes),
            default => min(self::MORE_NODES, $this->mostNodes, intdiv(self::SQUARES, $count ** 2)),
        };
        $isMet = null !== $start && $network->end($start, $counted) <= $bound + Distances::SLACK;
        $first = new Search($network->minutes, $network->sharing, $counted, INF, $isMet ? 0 : $nodes);
        $first->run($isMet ? $network->distances : clone $network->distances, $start);
        if (null === $first->starts) {
            throw ImpossiblePlan::links($network->limits());
        }
        $starts = $first->starts;
        if ([] !== $handed) {
            if ($network->end($starts, $handed) > LowerBound::of($network, $handed) + Distances::SLACK) {
                $second = new Search(
                    $network->minutes,
                    $network->sharing,
                    $handed,
                    $first->value,
                    intdiv($nodes, self::HANDS_SHARE),
                    $counted,
                );
                $second->run(clone $network->distances, $starts);
                $starts = $second->starts ?? $starts;
            }
            $starts = (new LocalSearch($network, $hands))->smooth($starts, $this->tries(self::TRIES_TO_SMOOTH), $seed);
        }
        $finish = $network->end($starts, $counted);
        $isProved = $first->isComplete || $finish <= $bound + Distances::SLACK;

        return new Schedule(
            array_combine(array_map(static fn (Activity $activity): string => $activity->id, $network->activities), $starts),
            $finish,
            $network->end($starts, $handed),
            $isProved ? $finish : $bound,
            $isProved,
        );
    }
}
