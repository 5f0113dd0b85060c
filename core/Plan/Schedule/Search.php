<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Finds when each step begins so that some of them end soonest: every two steps that share a resource come one before the
 * other, and it tries both, cutting off what cannot get better.
 *
 * Source: branch and bound over disjunctive arcs with immediate selection (Carlier & Pinson, Management Science 35(2), 1989),
 * on a network with least and greatest lags (Bartusch, Möhring & Radermacher, Annals of Operations Research 16, 1988).
 *
 * @internal to this folder
 */
final class Search
{
    /** @var list<float>|null minutes at which each step begins, in the best schedule found */
    public ?array $starts = null;

    /** Minutes after which the last of the steps that count has ended, in the best schedule found. */
    public float $value = INF;

    /** Whether everything was tried or cut off. */
    public bool $isComplete = true;

    private int $nodes = 0;

    /** @var list<list<int>> sets of steps of which no two can run at once */
    private readonly array $cliques;

    /** @var list<int> steps that the deadline is for */
    private readonly array $within;

    /**
     * @param list<float> $minutes of each step
     * @param array<array-key, list<int>> $sharing steps that share a resource, by resource
     * @param list<int> $counted steps whose ends count
     * @param float $deadline minutes within which they have to end
     * @param int $mostNodes after which it stops and keeps what it has
     * @param list<int>|null $within steps that the deadline is for; null for all
     * @param list<list<int>>|null $cliques sets of steps of which no two can run at once, where they are known
     */
    public function __construct(
        private readonly array $minutes,
        private readonly array $sharing,
        private readonly array $counted,
        private readonly float $deadline,
        private readonly int $mostNodes,
        ?array $within = null,
        ?array $cliques = null,
    ) {
        $this->within = $within ?? array_keys($minutes);
        $this->cliques = $cliques ?? Cliques::of($minutes, $sharing);
    }

    /** @param list<float>|null $starts of a schedule that is known already */
    public function run(Distances $distances, ?array $starts = null): void
    {
        if (null !== $starts) {
            $this->starts = $starts;
            $this->value = $this->ends($starts, $this->counted);
        }
        $pairs = [];
        foreach ($this->sharing as $steps) {
            foreach ($steps as $n => $i) {
                foreach (array_slice($steps, $n + 1) as $j) {
                    if ($this->minutes[$i] > 0 && $this->minutes[$j] > 0) {
                        $pairs[min($i, $j).' '.max($i, $j)] = [min($i, $j), max($i, $j)];
                    }
                }
            }
        }
        $this->visit($distances, array_values($pairs));
    }

    /** @param list<array{int, int}> $pairs of steps that share a resource and are not in an order yet */
    private function visit(Distances $distances, array $pairs): void
    {
        if (++$this->nodes > $this->mostNodes) {
            $this->isComplete = false;

            return;
        }
        $selected = $this->select($distances, $pairs);
        if (null === $selected) {
            return;
        }
        [$pairs, $tails] = $selected;
        if ($this->bound($distances, $tails) >= $this->value - Distances::SLACK) {
            return;
        }
        $conflict = $this->conflict($distances, $pairs);
        if (null === $conflict) {
            $this->keep($distances);

            return;
        }
        [$i, $j] = $conflict;
        $children = [];
        foreach ([[$i, $j], [$j, $i]] as [$first, $second]) {
            $child = clone $distances;
            if ($child->add($first, $second, $this->minutes[$first])) {
                $children[] = [$this->soonestEnd($child), count($children), $child];
            }
        }
        sort($children);
        foreach ($children as [, , $child]) {
            $this->visit($child, $pairs);
        }
    }

    /**
     * Puts in order what can come only one way round, until nothing follows any more: a step comes before another as long as
     * that can be kept, can still be better than what is known, and is over by the deadline.
     *
     * @param list<array{int, int}> $pairs
     *
     * @return array{list<array{int, int}>, list<float>}|null those that are still open, and minutes that have to follow each
     *     step; null when one can come neither way
     */
    private function select(Distances $distances, array $pairs): ?array
    {
        [$minutes, $better, $inTime] = [$this->minutes, $this->value - Distances::SLACK, $this->deadline + Distances::SLACK];
        do {
            $hasChanged = false;
            $open = [];
            $tails = $distances->tails($minutes, $this->counted);
            $limits = INF === $inTime ? $tails : $distances->tails($minutes, $this->within);
            [$least, $heads] = [$distances->rows(), $distances->starts()];
            foreach ($pairs as [$i, $j]) {
                [$there, $back] = [$least[$i][$j], $least[$j][$i]];
                if ($there >= $minutes[$i] - Distances::SLACK || $back >= $minutes[$j] - Distances::SLACK) {
                    continue;
                }
                $both = $minutes[$i] + $minutes[$j];
                $forward = $back + $minutes[$i] <= Distances::SLACK
                    && $heads[$i] + $both + $tails[$j] < $better
                    && $heads[$i] + $both + $limits[$j] <= $inTime;
                $backward = $there + $minutes[$j] <= Distances::SLACK
                    && $heads[$j] + $both + $tails[$i] < $better
                    && $heads[$j] + $both + $limits[$i] <= $inTime;
                if ($forward && $backward) {
                    $open[] = [$i, $j];
                    continue;
                }
                if (!$forward && !$backward) {
                    return null;
                }
                [$first, $second] = $forward ? [$i, $j] : [$j, $i];
                if (!$distances->add($first, $second, $minutes[$first])) {
                    return null;
                }
                $hasChanged = true;
                [$least, $heads] = [$distances->rows(), $distances->starts()];
            }
            $pairs = $open;
        } while ($hasChanged);

        return [$pairs, $tails];
    }

    /**
     * Minutes below which the steps that count cannot all have ended, in anything that follows; INF beyond the deadline.
     *
     * @param list<float> $tails minutes that have to follow each step
     */
    private function bound(Distances $distances, array $tails): float
    {
        if ($this->ends($distances->starts(), $this->within) > $this->deadline + Distances::SLACK) {
            return INF;
        }
        $bound = $this->soonestEnd($distances);
        $heads = $distances->starts();
        foreach ($this->cliques as $steps) {
            $on = [];
            foreach ($steps as $i) {
                if ($this->minutes[$i] > 0 && -INF !== $tails[$i]) {
                    $on[] = [$heads[$i], $this->minutes[$i], $tails[$i]];
                }
            }
            $bound = max($bound, OneMachineBound::of($on));
        }

        return $bound;
    }

    /**
     * @param list<array{int, int}> $pairs
     *
     * @return array{int, int}|null the first two steps that would run at once; null when none do
     */
    private function conflict(Distances $distances, array $pairs): ?array
    {
        [$first, $at] = [null, INF];
        foreach ($pairs as [$i, $j]) {
            [$a, $b] = [$distances->soonest($i), $distances->soonest($j)];
            $overlaps = $a < $b + $this->minutes[$j] - Distances::SLACK && $b < $a + $this->minutes[$i] - Distances::SLACK;
            if ($overlaps && max($a, $b) < $at) {
                [$first, $at] = [[$i, $j], max($a, $b)];
            }
        }

        return $first;
    }

    private function keep(Distances $distances): void
    {
        $starts = $distances->starts();
        $value = $this->ends($starts, $this->counted);
        if ($value < $this->value - Distances::SLACK) {
            [$this->starts, $this->value] = [$starts, $value];
        }
    }

    private function soonestEnd(Distances $distances): float
    {
        return $this->ends($distances->starts(), $this->counted);
    }

    /**
     * @param list<float> $starts
     * @param list<int> $steps
     */
    private function ends(array $starts, array $steps): float
    {
        $end = 0.0;
        foreach ($steps as $i) {
            $end = max($end, $starts[$i] + $this->minutes[$i]);
        }

        return $end;
    }
}
