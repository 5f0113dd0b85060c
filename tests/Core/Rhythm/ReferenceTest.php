<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\CareState;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Rhythm\RhythmEngine;
use Tests\Core\CoreTestCase;

/** The engine against the formulas written out once more, slowly and in another way. */
final class ReferenceTest extends CoreTestCase
{
    use TestTrait;

    private const CLEAN_BY = 0.35;

    private static function foulings(float $blocked): float
    {
        return log(1 - min($blocked, 0.95)) / log(1 - self::CLEAN_BY);
    }

    /**
     * Interval, shape, rate and what is left, by summing every observation with its own power of one half.
     *
     * @param list<array{float, float, float}> $openings uses, found, left
     *
     * @return array{float, float, float, float}
     */
    private static function reference(array $openings, float $start, float $least, float $most): array
    {
        $start = min(max($start, $least), $most);
        $interval = $start;
        [$alpha, $beta, $left] = [1.0, $start, 0.0];
        $evidence = [];
        foreach ($openings as [$uses, $found, $leaves]) {
            if ($uses > 0) {
                $evidence[] = [$uses, max(0, self::foulings($found) - self::foulings($left))];
                $trust = max(0.05, 0.5 ** (count($evidence) / 4));
                [$alpha, $beta] = [$trust, $trust * $start];
                foreach (array_reverse($evidence) as $age => [$n, $e]) {
                    $alpha += 0.5 ** ($age / 4) * $e;
                    $beta += 0.5 ** ($age / 4) * $n;
                }
                $interval = min(max(min(max($beta / $alpha, $interval / 2), $interval * 2), $least), $most);
            }
            $left = $leaves;
        }

        return [$interval, $alpha, $beta, $left];
    }

    /** The probability that a Gamma variable is below x, by summing slices of its density (Simpson's rule). */
    private static function gammaBelow(float $x, float $shape): float
    {
        $density = static fn (float $t): float => $t <= 0
            ? (1.0 === $shape ? 1.0 : 0.0)
            : exp(-$t + ($shape - 1) * log($t) - self::logFactorial($shape - 1));
        $slices = 4000;
        $width = $x / $slices;
        $sum = $density(0) + $density($x);
        for ($i = 1; $i < $slices; ++$i) {
            $sum += $density($i * $width) * (0 === $i % 2 ? 2 : 4);
        }

        return $sum * $width / 3;
    }

    /** ln Γ(z + 1) by Stirling's series, pushed up until it is exact enough. */
    private static function logFactorial(float $z): float
    {
        $shift = 0.0;
        for (++$z; $z < 30; ++$z) {
            $shift += log($z);
        }

        return ($z - 0.5) * log($z) - $z + 0.5 * log(2 * M_PI) + 1 / (12 * $z) - 1 / (360 * $z ** 3) - $shift;
    }

    public function test_intervals_wear_and_dates_agree_with_the_formulas(): void
    {
        $opening = Generator\tuple(Generator\choose(0, 120), Generator\choose(0, 100), Generator\choose(0, 100));
        $this->forAll(Generator\seq($opening), Generator\choose(1, 400), Generator\choose(0, 200), Generator\choose(1, 30))
            ->then(static function (array $past, int $start, int $elapsed, int $tenthsADay): void {
                $openings = array_map(
                    static fn (array $o): array => [(float) $o[0], $o[1] / 100, min($o[1], $o[2]) / 100],
                    array_slice($past, 0, 15),
                );
                $rate = $tenthsADay / 10;
                $clock = new Clock('loads', $start, 5, 300, $rate, $elapsed, array_map(
                    static fn (array $o): Observation => new Observation($o[0], Fraction::of($o[1]), Fraction::of($o[2])),
                    $openings,
                ));
                $today = Day::of('2026-07-01');
                $rhythm = (new RhythmEngine(self::handbook()->rhythmModel()))->assess([$clock], $today);
                [$interval, $alpha, $beta, $left] = self::reference($openings, $start, 5, 300);

                $learned = $rhythm->clocks[0]->learned;
                self::assertEqualsWithDelta(1, $learned->interval / $interval, 1e-9);
                self::assertEqualsWithDelta(1, $learned->alpha / $alpha, 1e-9);
                self::assertEqualsWithDelta(1, $learned->beta / $beta, 1e-9);
                $wear = self::foulings($left) + $elapsed / $interval;
                self::assertEqualsWithDelta($wear, $rhythm->wear, 1e-9);
                self::assertEqualsWithDelta(1 - (1 - self::CLEAN_BY) ** $wear, $rhythm->blockedNow->value, 1e-9);
                $days = (1 - $wear) * $interval / $rate;
                $days = $wear >= 1 ? max($days, -$elapsed / $rate) : $days;
                self::assertSame((int) ceil($days - 1e-9), $rhythm->dueOn?->since($today));
                self::assertSame($wear >= 1 - 1e-9, $rhythm->state->isDue());
            });
    }

    public function test_the_window_holds_eighty_percent_of_the_belief(): void
    {
        foreach ([[], [[30, 0.35, 0]], [[30, 0.6, 0], [20, 0.1, 0.1], [25, 0.35, 0]]] as $openings) {
            $observations = array_map(
                static fn (array $o): Observation => new Observation($o[0], Fraction::of($o[1]), Fraction::of($o[2])),
                $openings,
            );
            $rhythm = (new RhythmEngine(self::handbook()->rhythmModel()))->assess(
                [new Clock('days', 30, 1e-3, 1e6, 1, 0, $observations)],
                Day::of('2026-07-01'),
            );
            $learned = $rhythm->clocks[0]->learned;

            self::assertEqualsWithDelta(
                0.9,
                self::gammaBelow($learned->beta / $learned->earliest, $learned->alpha),
                1e-4,
                'nine in ten wear out later than the earliest day',
            );
            self::assertEqualsWithDelta(0.1, self::gammaBelow($learned->beta / $learned->latest, $learned->alpha), 1e-4);
        }
    }

    public function test_two_clocks_are_read_each_by_itself(): void
    {
        $this->forAll(Generator\choose(0, 60), Generator\choose(0, 60), Generator\choose(1, 20))
            ->then(static function (int $days, int $loads, int $tenths): void {
                $engine = new RhythmEngine(self::handbook()->rhythmModel());
                $today = Day::of('2026-07-01');
                $clocks = [new Clock('days', 30, 7, 365, 1, $days), new Clock('loads', 25, 5, 300, $tenths / 10, $loads)];
                $both = $engine->assess($clocks, $today);
                $alone = array_map(static fn (Clock $clock) => $engine->assess([$clock], $today), $clocks);

                self::assertEqualsWithDelta(max($alone[0]->wear, $alone[1]->wear), $both->wear, 1e-12);
                if (CareState::Fresh === $both->state) {
                    self::assertSame(min($alone[0]->dueOn?->number, $alone[1]->dueOn?->number), $both->dueOn?->number);
                }
            });
    }
}
