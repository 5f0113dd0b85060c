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
        foreach ($this->groups() as $steps) {
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
            $end = $this->network->end($starts, array_keys($starts));
            if ($end < $least - Distances::SLACK) {
                [$best, $least] = [$starts, $end];
            }
            for ($n = count($groups) - 1; $n > 0; --$n) {
                $other = $dice->between(0, $n);
                [$groups[$n], $groups[$other]] = [$groups[$other], $groups[$n]];
            }
        }

        return $best;
    }

    /** @return list<non-empty-list<int>> steps that links join, directly or by others */
    private function groups(): array
    {
        $group = array_keys($this->network->minutes);
        foreach ($this->network->links as $link) {
            [$one, $other] = [$group[$this->network->numbers[$link->from]], $group[$this->network->numbers[$link->to]]];
            $group = array_map(static fn (int $each): int => $each === $other ? $one : $each, $group);
        }
        $groups = [];
        foreach ($group as $step => $name) {
            $groups[$name][] = $step;
        }

        return array_values($groups);
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
            array_values(array_filter($this->network->links, static fn (TimeLink $link): bool => isset($ids[$link->from]))),
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
        foreach ($groups as $group) {
            $at = 0.0;
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
