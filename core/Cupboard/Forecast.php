<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** What a supply is needed for over some time, and how long it lasts. */
final readonly class Forecast
{
    /** Amounts below this are no more than rounding. */
    public const SLACK = 1e-9;

    /** Levels that are most likely, as standard deviations: nine in ten lie between. */
    private const BAND = 1.645;
    /** The same for what is bought: enough ninety-nine times in a hundred. */
    private const SAFE = 2.326;

    /** @param list<Demand> $demands of this supply, up to the horizon */
    public function __construct(private array $demands)
    {
    }

    /**
     * What is needed, in the supply's unit.
     *
     * @param int $until day up to which, from today
     */
    public function need(int $until = PHP_INT_MAX): float
    {
        return $this->sum(static fn (Demand $demand): bool => $demand->day <= $until);
    }

    /**
     * What is needed with its band: where every job comes as early, and as late, as it may.
     *
     * @return array{float, float, float} the least, the most likely and the most up to a day, in the supply's unit
     */
    public function band(int $until): array
    {
        return [
            $this->sum(static fn (Demand $demand): bool => $demand->latest <= $until),
            $this->need($until),
            $this->sum(static fn (Demand $demand): bool => $demand->soonest <= $until),
        ];
    }

    /**
     * What is missing so that it is enough up to a day, ninety-nine times in a
     * hundred: jobs come early or late by themselves and not
     * all together, what is poured is not quite the dose, and there may be less than thought.
     *
     * @param float $level in the supply's unit, 0 or more
     * @param float $doubt of it, one standard deviation
     * @param float $off share by which what is poured is off its dose, one standard deviation
     *
     * @return float 0 or more
     */
    public function missing(float $level, float $doubt, int $until, float $off = 0.0): float
    {
        [$need, $squares] = [0.0, $doubt ** 2];
        foreach ($this->demands as $demand) {
            $chance = $demand->chanceBy($until, self::BAND);
            $need += $chance * $demand->amount;
            $squares += ($chance * (1 - $chance) + $chance * $off ** 2) * $demand->amount ** 2;
        }
        $most = $this->band($until)[2];

        return $most <= self::SLACK ? 0.0 : max(0.0, min($most * (1 + $off), $need + self::SAFE * sqrt($squares)) - $level);
    }

    /** @param \Closure(Demand): bool $counts */
    private function sum(\Closure $counts): float
    {
        return array_sum(array_map(static fn (Demand $demand): float => $counts($demand) ? $demand->amount : 0.0, $this->demands));
    }

    /**
     * @param float $level in the supply's unit, 0 or more
     * @param float $doubt of it, one standard deviation
     *
     * @return RunOut|null null when it lasts
     */
    public function runsOut(float $level, float $doubt = 0.0): ?RunOut
    {
        $likely = $this->short($level, static fn (Demand $demand): int => $demand->day);
        if (null === $likely) {
            return null;
        }
        $soonest = $this->short(max(0.0, $level - self::BAND * $doubt), static fn (Demand $demand): int => $demand->soonest);
        $latest = $this->short($level + self::BAND * $doubt, static fn (Demand $demand): int => $demand->latest);
        [$demand, $jobs, $left] = $likely;

        return new RunOut(
            $demand->day,
            min($demand->day, $soonest[0]->soonest ?? $demand->day),
            null === $latest ? null : max($demand->day, $latest[0]->latest),
            $demand->job,
            $jobs,
            $demand->task,
            $demand->amount,
            $left,
        );
    }

    /**
     * @param \Closure(Demand): int $when
     *
     * @return array{Demand, int, float}|null the first demand that is not met, how many are before it, and what is left for it
     */
    private function short(float $level, \Closure $when): ?array
    {
        $demands = $this->demands;
        usort($demands, static fn (Demand $a, Demand $b): int => [$when($a), $a->job] <=> [$when($b), $b->job]);
        foreach ($demands as $n => $demand) {
            if ($level - $demand->amount < -self::SLACK) {
                return [$demand, $n, max(0.0, $level)];
            }
            $level -= $demand->amount;
        }

        return null;
    }
}
