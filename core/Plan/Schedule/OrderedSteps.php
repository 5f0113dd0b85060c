<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Steps in an order, each begun as soon as what comes before it is over and what it needs is free; one that must not end too
 * long before the next waits for that.
 *
 * Source: serial schedule generation (Kolisch, European Journal of Operational Research 90, 1996), with greatest lags by
 * right shifts.
 *
 * @internal to this folder
 */
final class OrderedSteps
{
    /** How often steps are shifted before an order is given up. */
    private const PASSES = 8;

    /** @var list<list<array{int, float}>> step before and minutes from start to start at least, by step */
    private array $before = [];

    /** @var list<list<array{int, float}>> step after and minutes that it begins at most later, by step */
    private array $limits = [];

    /** @var list<float> soonest start of each */
    private array $soonest;

    /** @var array<int, float> latest start of those that have one from the beginning on */
    private array $latest = [];

    /** @var list<list<array-key>> resources of each that takes time */
    private array $needs;

    /** @param list<int> $handed steps that hands are needed for */
    public function __construct(private readonly Network $network, private readonly array $handed)
    {
        $count = count($network->minutes);
        $this->before = $this->limits = array_fill(0, $count, []);
        $this->soonest = $network->distances->starts();
        foreach ($network->links as $link) {
            $from = $network->numbers[$link->from] ?? null;
            $to = $network->numbers[$link->to];
            if (null === $from) {
                if (null !== $link->most) {
                    $this->latest[$to] = min($this->latest[$to] ?? INF, $link->most);
                }
                continue;
            }
            $this->before[$to][] = [$from, $network->minutes[$from] + $link->least];
            if (null !== $link->most) {
                $this->limits[$from][] = [$to, $network->minutes[$from] + $link->most];
            }
        }
        $this->needs = array_map(
            static fn (Activity $activity): array => $activity->minutes > 0 ? array_values(array_unique($activity->needs)) : [],
            $network->activities,
        );
    }

    /**
     * What moves as one: a step with the waits that it begins, in the order of a plan.
     *
     * @param list<float> $starts
     *
     * @return list<non-empty-list<int>>
     */
    public function units(array $starts): array
    {
        $hands = array_flip($this->handed);
        $owner = [];
        foreach (array_keys($starts) as $i) {
            $owner[$i] = !isset($hands[$i]) && 1 === count($this->before[$i]) ? $this->before[$i][0][0] : $i;
        }
        $order = array_keys($starts);
        usort($order, fn (int $a, int $b): int => [$starts[$a], $this->network->minutes[$a] > 0 ? 1 : 0, $a]
            <=> [$starts[$b], $this->network->minutes[$b] > 0 ? 1 : 0, $b]);
        $units = [];
        foreach ($order as $i) {
            $units[$owner[$owner[$i]] ?? $i][] = $i;
        }

        return array_values($units);
    }

    /**
     * Each step as soon as what comes before it is over and what it needs is free, in this order.
     *
     * @param list<list<int>> $units
     *
     * @return list<float>|null null when the order does not go
     */
    public function schedule(array $units): ?array
    {
        $minutes = $this->network->minutes;
        $least = $this->soonest;
        for ($pass = 0; $pass < self::PASSES; ++$pass) {
            $starts = $free = [];
            $late = false;
            foreach ($units as $unit) {
                foreach ($unit as $i) {
                    $at = $least[$i];
                    foreach ($this->before[$i] as [$from, $gap]) {
                        if (!isset($starts[$from])) {
                            return null;
                        }
                        if ($starts[$from] + $gap > $at) {
                            $at = $starts[$from] + $gap;
                        }
                    }
                    foreach ($this->needs[$i] as $resource) {
                        if (isset($free[$resource]) && $free[$resource] > $at) {
                            $at = $free[$resource];
                        }
                    }
                    if (isset($this->latest[$i]) && $at > $this->latest[$i] + Distances::SLACK) {
                        return null;
                    }
                    $starts[$i] = $at;
                    foreach ($this->needs[$i] as $resource) {
                        $free[$resource] = $at + $minutes[$i];
                    }
                }
            }
            foreach ($this->limits as $i => $limits) {
                foreach ($limits as [$to, $most]) {
                    if ($starts[$to] > $starts[$i] + $most + Distances::SLACK) {
                        // What the step after would have to wait for, this one waits for as well.
                        [$least[$i], $late] = [max($least[$i], $starts[$to] - $most), true];
                    }
                }
            }
            if (!$late) {
                ksort($starts);

                return array_values($starts);
            }
        }

        return null;
    }
}
