<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Of plans that are done as soon and leave hands free as soon, one in which people go less often from one machine to another:
 * a step is moved beside another of its machine as long as nothing ends later for it.
 *
 * @internal to this folder
 */
final readonly class FewestSwitches
{
    /** Orders that are tried. */
    private const TRIES = 120;

    /** @var array<int, int> machine of each step: the group that links join it to */
    private array $group;

    /** @var list<array{int, int, float}> step, step after it, and minutes from start to start at least; −1 is the beginning */
    private array $arcs;

    /** @var list<int> steps that hands are needed for, and that take time */
    private array $handed;

    /** @param list<string> $hands resources that are people's hands */
    public function __construct(private Network $network, private array $hands)
    {
        $group = [];
        foreach ($network->groups() as $n => $steps) {
            $group += array_fill_keys($steps, $n);
        }
        $this->group = $group;
        $arcs = [];
        foreach ($network->links as $link) {
            [$from, $to] = [$network->numbers[$link->from] ?? -1, $network->numbers[$link->to]];
            $lasts = $network->minutes[$from] ?? 0.0;
            $arcs[] = [$from, $to, $lasts + $link->least];
            if (null !== $link->most) {
                $arcs[] = [$to, $from, -$lasts - $link->most];
            }
        }
        $this->arcs = $arcs;
        $this->handed = array_values(array_filter($network->needing($hands), static fn (int $i): bool => $network->minutes[$i] > 0));
    }

    /**
     * @param list<float> $starts
     *
     * @return list<float>
     */
    public function of(array $starts): array
    {
        $counted = $this->network->counted();
        $handed = array_values(array_intersect($this->handed, $counted));
        $ends = [$this->network->end($starts, $counted), $this->network->end($starts, $handed)];
        $tries = self::TRIES;
        do {
            $better = null;
            foreach ($this->orders($starts) as $order) {
                if (--$tries < 0) {
                    break;
                }
                $moved = $this->starts($order, $starts);
                if (
                    null !== $moved
                    && $this->network->end($moved, $counted) <= $ends[0] + Distances::SLACK
                    && $this->network->end($moved, $handed) <= $ends[1] + Distances::SLACK
                ) {
                    $better = $moved;
                    break;
                }
            }
            $starts = $better ?? $starts;
        } while (null !== $better && $tries > 0);

        return $starts;
    }

    /**
     * Orders of one person's steps with fewer switches than there are.
     *
     * @param list<float> $starts
     *
     * @return iterable<array<string, list<int>>> by hands
     */
    private function orders(array $starts): iterable
    {
        $orders = [];
        foreach ($this->hands as $hands) {
            $orders[$hands] = $this->inOrder($hands, $starts);
        }
        foreach ($orders as $hands => $order) {
            $switches = $this->switches($order);
            foreach ($order as $place => $step) {
                $without = [...array_slice($order, 0, $place), ...array_slice($order, $place + 1)];
                foreach ($without as $before => $other) {
                    if ($this->group[$other] !== $this->group[$step]) {
                        continue;
                    }
                    foreach ([$before, $before + 1] as $at) {
                        $moved = [...array_slice($without, 0, $at), $step, ...array_slice($without, $at)];
                        if ($at !== $place && $this->switches($moved) < $switches) {
                            yield [$hands => $moved] + $orders;
                        }
                    }
                }
            }
        }
    }

    /**
     * @param list<float> $starts
     *
     * @return list<int>
     */
    private function inOrder(string $hands, array $starts): array
    {
        $order = array_values(array_filter(
            $this->handed,
            fn (int $i): bool => in_array($hands, $this->network->activities[$i]->needs, true),
        ));
        usort($order, static fn (int $a, int $b): int => $starts[$a] <=> $starts[$b]);

        return $order;
    }

    /** @param list<int> $order */
    private function switches(array $order): int
    {
        $switches = 0;
        for ($n = 1, $count = count($order); $n < $count; ++$n) {
            $switches += (int) ($this->group[$order[$n - 1]] !== $this->group[$order[$n]]);
        }

        return $switches;
    }

    /**
     * Starts with hands in this order and everything else in the order it has.
     *
     * @param array<string, list<int>> $orders by hands
     * @param list<float> $now
     *
     * @return list<float>|null null when that cannot be
     */
    private function starts(array $orders, array $now): ?array
    {
        $arcs = $this->arcs;
        foreach ($this->network->sharing as $resource => $steps) {
            if (isset($orders[$resource])) {
                continue; // hands go by the order that is tried
            }
            $steps = array_values(array_filter($steps, fn (int $i): bool => $this->network->minutes[$i] > 0));
            usort($steps, static fn (int $a, int $b): int => $now[$a] <=> $now[$b]);
            $orders[$resource] = $steps;
        }
        foreach ($orders as $order) {
            for ($n = 1, $count = count($order); $n < $count; ++$n) {
                $arcs[] = [$order[$n - 1], $order[$n], $this->network->minutes[$order[$n - 1]]];
            }
        }

        return $this->longestPaths($arcs);
    }

    /**
     * @param list<array{int, int, float}> $arcs
     *
     * @return list<float>|null null for a circle
     */
    private function longestPaths(array $arcs): ?array
    {
        $count = count($this->network->minutes);
        $starts = [-1 => 0.0] + array_fill(0, $count, 0.0);
        for ($pass = 0; $pass <= $count + 1; ++$pass) {
            $hasChanged = false;
            foreach ($arcs as [$from, $to, $minutes]) {
                if ($starts[$from] + $minutes > $starts[$to] + Distances::SLACK) {
                    if (-1 === $to) {
                        return null;
                    }
                    [$starts[$to], $hasChanged] = [$starts[$from] + $minutes, true];
                }
            }
            if (!$hasChanged) {
                unset($starts[-1]);
                ksort($starts);

                return array_values($starts);
            }
        }

        return null;
    }
}
