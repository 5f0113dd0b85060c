<?php

declare(strict_types=1);

namespace Tests\Core\Cupboard;

use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Cupboard\Forecast;
use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\Shopping;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

final class ForecastTest extends TestCase
{
    /** @return list<Demand> */
    private static function demands(Dice $dice): array
    {
        $demands = [];
        for ($n = $dice->between(0, 8); $n > 0; --$n) {
            $day = $dice->between(0, 120);
            $wide = $dice->between(0, 20);
            $demands[] = new Demand('x', (float) $dice->between(1, 300), $day, max(0, $day - $wide), $day + $wide, "job $n");
        }

        return $demands;
    }

    /** Day after day, taking out what is due: slow, and another way to the same. */
    public function test_it_runs_out_on_the_day_a_walk_through_the_calendar_finds(): void
    {
        $dice = new Dice(71);
        for ($i = 0; $i < 200; ++$i) {
            $demands = self::demands($dice);
            $level = (float) $dice->between(0, 900);
            [$left, $found, $met] = [$level, null, 0];
            for ($day = 0; $day <= 160 && null === $found; ++$day) {
                $due = array_values(array_filter($demands, static fn (Demand $demand): bool => $demand->day === $day));
                usort($due, static fn (Demand $a, Demand $b): int => $a->job <=> $b->job);
                foreach ($due as $demand) {
                    $left -= $demand->amount;
                    if ($left < 0) {
                        $found = [$day, $demand->job, $met];
                        break;
                    }
                    ++$met;
                }
            }
            $run = (new Forecast($demands))->runsOut($level);
            self::assertSame($found, null === $run ? null : [$run->day, $run->job, $run->jobs]);
            if (null !== $run) {
                self::assertLessThanOrEqual($run->day, $run->soonest);
                self::assertTrue(null === $run->latest || $run->latest >= $run->day);
                $unsure = (new Forecast($demands))->runsOut($level, 100.0);
                self::assertLessThanOrEqual($run->soonest, $unsure->soonest ?? -1);
            }
        }
    }

    public function test_the_cheapest_packages_that_are_enough_are_bought_and_never_one_too_many(): void
    {
        $dice = new Dice(72);
        for ($i = 0; $i < 200; ++$i) {
            $missing = (float) $dice->between(-100, 2500);
            $packages = array_map(static fn (): Package => new Package(
                (float) $dice->between(100, 1000),
                $dice->uniform() < 0.7 ? (float) $dice->between(1, 20) : null,
            ), range(1, $dice->between(1, 4)));
            $buy = Shopping::of($missing, $packages);
            if ($missing <= 0) {
                self::assertNull($buy);
                continue;
            }
            self::assertNotNull($buy);
            self::assertGreaterThanOrEqual($missing, $buy->count * $buy->package->size);
            self::assertLessThan($missing, ($buy->count - 1) * $buy->package->size);
            foreach ($packages as $package) {
                for ($count = 1; $count * $package->size < $missing + $package->size; ++$count) {
                    if ($count * $package->size >= $missing && null !== $package->price) {
                        self::assertNotNull($buy->price);
                        self::assertLessThanOrEqual($count * $package->price, $buy->price);
                    }
                }
            }
        }
    }
}
