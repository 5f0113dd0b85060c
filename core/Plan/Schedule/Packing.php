<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Simulation\Dice;

/**
 * A schedule that is always at hand where links say how late at most: groups of steps that nothing links to each other are
 * planned each by itself, and pushed into each other's waits as they are. Of several orders it keeps the best.
 *
 * @internal to this folder
 */
final readonly class Packing
{
    /** Orders tried for one group by itself. */
    private const NODES = 300;

    public function __construct(private Network $network)
    {
    }

    /**
     * @param int $seed of the orders beyond the given one
     * @param int $orders in which the groups are put
     *
     * @return list<float>|null minutes at which each step begins; null where a group has no schedule of its own
     */
    public function best(int $seed, int $orders): ?array
    {
        $groups = [];
        foreach ($this->network->groups() as $steps) {
            $starts = $this->alone($steps);
            if (null === $starts) {
                return null;
            }
            $groups[] = $starts;
        }
        $dice = new Dice($seed);
        [$best, $least] = [null, INF];
        for ($i = 0; $i < $orders; ++$i) {
            $starts = $this->pack($groups);
            $end = $this->network->end($starts, $this->network->counted());
            if ($end < $least - Distances::SLACK && $this->isInTime($starts)) {
                [$best, $least] = [$starts, $end];
            }
            for ($n = count($groups) - 1; $n > 0; --$n) {
                $other = $dice->between(0, $n);
                [$groups[$n], $groups[$other]] = [$groups[$other], $groups[$n]];
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<int> $steps
     *
     * @return array<int, float>|null starts by step
     */
    private function alone(array $steps): ?array
    {
        $ids = array_intersect($this->network->numbers, $steps);
        $network = Network::of(
            array_map(fn (int $step): Activity => $this->network->activities[$step], $steps),
            array_values(array_filter($this->network->links, static fn (TimeLink $link): bool => isset($ids[$link->to])
                && ($link->isFromTheBeginning() || isset($ids[$link->from])))),
        );
        $search = new Search($network->minutes, $network->sharing, array_keys($steps), INF, self::NODES);
        $search->run(clone $network->distances);

        return null === $search->starts ? null : array_combine($steps, $search->starts);
    }

    /**
     * @param list<array<int, float>> $groups
     *
     * @return list<float>
     */
    private function pack(array $groups): array
    {
        [$starts, $busy] = [[], []];
        foreach ($this->inTurn($groups) as $group) {
            $at = $this->soonest($group, $starts);
            do {
                $push = $this->push($group, $at, $busy);
                $at += $push;
            } while ($push > 0.0);
            foreach ($group as $step => $start) {
                $starts[$step] = $at + $start;
                foreach ($this->network->activities[$step]->needs as $resource) {
                    $busy[$resource][] = [$at + $start, $at + $start + $this->network->minutes[$step]];
                }
            }
        }
        ksort($starts);

        return array_values($starts);
    }

    /**
     * The groups as they are put in: what has to be at its hour takes its place first, and what comes before another goes before it.
     *
     * @param list<array<int, float>> $groups
     *
     * @return list<array<int, float>>
     */
    private function inTurn(array $groups): array
    {
        $fixed = array_flip(array_map(
            fn (TimeLink $link): int => $this->network->numbers[$link->to],
            array_filter($this->network->limits(), static fn (TimeLink $link): bool => $link->isFromTheBeginning()),
        ));
        usort($groups, static fn (array $a, array $b): int => (int) ([] === array_intersect_key($a, $fixed))
            <=> (int) ([] === array_intersect_key($b, $fixed)));
        $turn = [];
        while ([] !== $groups) {
            $next = array_key_first(array_filter($groups, fn (array $group): bool => [] === array_filter(
                $this->before($group),
                static fn (int $step): bool => [] !== array_filter($groups, static fn (array $other): bool => isset($other[$step])),
            ))) ?? array_key_first($groups);
            $turn[] = $groups[$next];
            unset($groups[$next]);
        }

        return $turn;
    }

    /**
     * @param array<int, float> $group
     *
     * @return list<int> steps of other groups that come before something of it
     */
    private function before(array $group): array
    {
        $before = [];
        foreach ($this->network->linked as [$from, $to]) {
            if (isset($group[$to]) && !isset($group[$from])) {
                $before[] = $from;
            }
        }

        return $before;
    }

    /**
     * @param array<int, float> $group
     * @param array<int, float> $starts of what is there
     *
     * @return float minutes by which it begins later at least, for what has to come before it
     */
    private function soonest(array $group, array $starts): float
    {
        $at = 0.0;
        foreach ($this->network->linked as [$from, $to, $least]) {
            if (isset($group[$to], $starts[$from]) && !isset($group[$from])) {
                $at = max($at, $starts[$from] + $this->network->minutes[$from] + $least - $group[$to]);
            }
        }

        return $at;
    }

    /**
     * Whether what has to begin by some hour does, wherever its group was pushed.
     *
     * @param list<float> $starts
     */
    private function isInTime(array $starts): bool
    {
        foreach ($this->network->limits() as $link) {
            if ($link->isFromTheBeginning() && $starts[$this->network->numbers[$link->to]] > $link->most + Distances::SLACK) {
                return false;
            }
        }

        return true;
    }

    /**
     * Minutes by which a group has to begin later at least, as something of it would run at once with what is there; 0 when
     * nothing does.
     *
     * @param array<int, float> $group
     * @param array<string, list<array{float, float}>> $busy by resource
     */
    private function push(array $group, float $at, array $busy): float
    {
        foreach ($group as $step => $start) {
            $minutes = $this->network->minutes[$step];
            foreach ($minutes > 0 ? $this->network->activities[$step]->needs : [] as $resource) {
                foreach ($busy[$resource] ?? [] as [$from, $until]) {
                    if ($at + $start < $until - Distances::SLACK && $from < $at + $start + $minutes - Distances::SLACK) {
                        return $until - $at - $start;
                    }
                }
            }
        }

        return 0.0;
    }
}
