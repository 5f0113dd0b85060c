<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Simulation\Dice;

/**
 * Makes a plan better: in the order in which steps take up what they share, one step after another is moved to
 * another place, and what is no worse is kept; while it is to be made shorter, also what is a little worse.
 *
 * Source: threshold accepting (Dueck & Scheuer, Journal of Computational Physics 90, 1990) over insertion moves.
 *
 * @internal to this folder
 */
final class LocalSearch
{
    /** Share of the plan's length by which it may get worse at first. */
    private const THRESHOLD = 0.04;
    /** Places that a step is moved by at most. */
    private const REACH = 12;
    /** Minutes by which work would have to be done sooner, on the whole, to go to another machine once more for it. */
    private const SWITCH = 1.5;

    private readonly OrderedSteps $order;

    /** @var list<int> */
    private readonly array $counted;

    /** @var list<int> steps that hands are needed for */
    private readonly array $handed;

    /** @var list<list<int>> those of each pair of hands */
    private readonly array $byHands;

    /** @var array<int, int> piece of work that each step belongs to */
    private readonly array $group;

    /** @param list<string> $hands resources that are people's hands */
    public function __construct(private readonly Network $network, array $hands)
    {
        $this->counted = $network->counted();
        $this->handed = array_values(array_intersect($network->needing($hands), $this->counted));
        $this->byHands = array_values(array_intersect_key($network->sharing, array_flip($hands)));
        $group = [];
        foreach ($network->groups() as $n => $steps) {
            $group += array_fill_keys($steps, $n);
        }
        $this->group = $group;
        $this->order = new OrderedSteps($network, $this->handed);
    }

    /**
     * The same steps, done sooner.
     *
     * @param list<float> $starts of a plan that keeps every link
     * @param float $bound minutes at which it can stop
     * @param int $tries orders that are tried
     *
     * @return list<float>
     */
    public function shorten(array $starts, float $bound, int $tries, int $seed): array
    {
        return $this->search($starts, $this->length(...), $tries, $seed, self::THRESHOLD, $bound);
    }

    /**
     * As soon done, and hands as soon free: what can be done early is, and people go from machine to machine less often.
     *
     * @param list<float> $starts of a plan that keeps every link
     * @param int $tries orders that are tried
     *
     * @return list<float>
     */
    public function smooth(array $starts, int $tries, int $seed): array
    {
        return $this->search(
            $starts,
            function (array $starts): array {
                [$finish, $handsFree] = $this->length($starts);

                return [$finish, $handsFree, $this->bustle($starts)];
            },
            $tries,
            $seed,
        );
    }

    /**
     * @param list<float> $starts
     * @param \Closure(list<float>): array{float, float, float} $value less is better, what comes first before all
     * @param float $threshold share by which the first may get worse in between
     *
     * @return list<float>
     */
    private function search(array $starts, \Closure $value, int $tries, int $seed, float $threshold = 0.0, float $bound = -INF): array
    {
        $units = $this->order->units($starts);
        $now = $this->order->schedule($units);
        [$best, $least] = [$starts, $value($starts)];
        $at = null === $now ? [INF, INF, INF] : $value($now);
        if ($at < $least) {
            [$best, $least] = [$now ?? $starts, $at];
        }
        [$dice, $count] = [new Dice($seed), count($units)];
        if (null === $now || $count < 2) {
            return $best;
        }
        for ($try = 0; $try < $tries && $least[0] > $bound + Distances::SLACK; ++$try) {
            $moved = self::moved($units, $dice->between(0, $count - 1), $dice->between(-self::REACH, self::REACH));
            $next = $moved === $units ? null : $this->order->schedule($moved);
            if (null === $next) {
                continue;
            }
            $other = $value($next);
            if ($other <= $at || $other[0] < $at[0] + $threshold * $least[0] * (1 - $try / $tries) ** 2) {
                [$units, $at] = [$moved, $other];
                if ($other < $least) {
                    [$best, $least] = [$next, $other];
                }
            }
        }

        return $best;
    }

    /**
     * @param list<non-empty-list<int>> $units
     *
     * @return list<non-empty-list<int>>
     */
    private static function moved(array $units, int $from, int $by): array
    {
        $to = max(0, min(count($units) - 1, $from + $by));
        $unit = array_splice($units, $from, 1);
        array_splice($units, $to, 0, $unit);

        return $units;
    }

    /**
     * @param list<float> $starts
     *
     * @return array{float, float, float} minutes until all is done, until hands are free, and nothing else
     */
    private function length(array $starts): array
    {
        return [round($this->network->end($starts, $this->counted), 6), round($this->network->end($starts, $this->handed), 6), 0.0];
    }

    /**
     * How late work is done on the whole, in minutes, and how often people go from machine to machine for it.
     *
     * @param list<float> $starts
     */
    private function bustle(array $starts): float
    {
        [$late, $work, $switches] = [0.0, 0.0, 0];
        foreach ($this->byHands as $steps) {
            $order = [];
            foreach ($steps as $i) {
                $minutes = $this->network->minutes[$i];
                $late += $starts[$i] * $minutes;
                $work += $minutes;
                if ($minutes > 0) {
                    $order[$i] = $starts[$i];
                }
            }
            asort($order);
            $last = null;
            foreach (array_keys($order) as $i) {
                $switches += (int) (null !== $last && $last !== $this->group[$i]);
                $last = $this->group[$i];
            }
        }

        return round($late / max($work, 1.0) + self::SWITCH * $switches, 3);
    }
}
