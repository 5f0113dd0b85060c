<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

/** What a supply is needed for over some time, and how long it lasts. */
final readonly class Forecast
{
    private const SLACK = 1e-9;

    /** Levels that are most likely, as standard deviations: nine in ten lie between. */
    private const BAND = 1.645;

    /** @param list<Demand> $demands of this supply, up to the horizon */
    public function __construct(private array $demands)
    {
    }

    /** All that is needed, in the supply's unit. */
    public function need(): float
    {
        return array_sum(array_map(static fn (Demand $demand): float => $demand->amount, $this->demands));
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
        [$demand, $jobs] = $likely;

        return new RunOut(
            $demand->day,
            min($demand->day, $soonest[0]->soonest ?? $demand->day),
            null === $latest ? null : max($demand->day, $latest[0]->latest),
            $demand->job,
            $jobs,
        );
    }

    /**
     * @param \Closure(Demand): int $when
     *
     * @return array{Demand, int}|null the first demand that is not met, and how many are before it
     */
    private function short(float $level, \Closure $when): ?array
    {
        $demands = $this->demands;
        usort($demands, static fn (Demand $a, Demand $b): int => [$when($a), $a->job] <=> [$when($b), $b->job]);
        foreach ($demands as $n => $demand) {
            $level -= $demand->amount;
            if ($level < -self::SLACK) {
                return [$demand, $n];
            }
        }

        return null;
    }
}
