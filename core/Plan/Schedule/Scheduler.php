<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Plans steps over resources of which there is one each, so that everything is done soonest; among equals, so that hands are
 * free soonest. Up to twenty-five steps it tries everything; beyond, it starts from many orders, improves them, and says
 * how far from the best they can be at most.
 */
final readonly class Scheduler
{
    /** Steps up to which everything is tried. */
    private const EXACT = 25;
    public const NODES = 30_000;
    /** Goes up whenever the same steps may get another plan than before. */
    public const VERSION = 1;
    private const FEW_NODES = 250;
    /** Beyond, an order tried takes as long as the square of the steps. */
    private const SQUARES = 600_000;
    private const RESTARTS = 40;
    /** Of the orders tried, one in so many is to free hands sooner. */
    private const HANDS_SHARE = 6;

    /** @param int $mostNodes orders that are tried before it settles for what it has */
    public function __construct(private int $mostNodes = self::NODES)
    {
    }

    /**
     * @param list<Activity> $activities
     * @param list<TimeLink> $links
     * @param list<string> $hands resources that are people's hands
     * @param int $seed of the orders it starts from beyond twenty-five steps
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
        $all = array_keys($network->minutes);
        $handed = $network->needing($hands);
        $isSmall = count($all) <= self::EXACT;
        $nodes = $isSmall ? $this->mostNodes : min(self::FEW_NODES, intdiv(self::SQUARES, count($all) ** 2));
        $start = $network->hasGreatestLags()
            ? (new Packing($network))->best($seed, self::RESTARTS)
            : (new OrderList($network))->best($seed, self::RESTARTS);
        $first = new Search($network->minutes, $network->sharing, $all, INF, $nodes);
        $first->run(clone $network->distances, $start);
        if (null === $first->starts) {
            throw ImpossiblePlan::links($network->limits());
        }
        $bound = $network->bound();
        $starts = $first->starts;
        if ([] !== $handed) {
            $second = new Search($network->minutes, $network->sharing, $handed, $first->value, intdiv($nodes, self::HANDS_SHARE));
            $second->run(clone $network->distances, $starts);
            $starts = $second->starts ?? $starts;
        }

        $finish = $network->end($starts, $all);
        $isProved = $first->isComplete || $finish <= $bound + Distances::SLACK;

        return new Schedule(
            array_combine(array_map(static fn (Activity $activity): string => $activity->id, $activities), $starts),
            $finish,
            $network->end($starts, $handed),
            $isProved ? $finish : $bound,
            $isProved,
        );
    }
}
