<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\FittingSet;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

/** What is done of what would be too much: the set of greatest worth that fits. */
final class FittingSetTest extends TestCase
{
    /**
     * @param array<string, float> $worth
     * @param \Closure(list<string>): bool $fits
     */
    private static function bestByTryingAll(array $worth, \Closure $fits): float
    {
        $best = 0.0;
        $names = array_map(strval(...), array_keys($worth));
        for ($mask = 0; $mask < 2 ** count($names); ++$mask) {
            $set = array_values(array_filter($names, static fn (int $i): bool => 0 !== ($mask >> $i & 1), ARRAY_FILTER_USE_KEY));
            if ($fits($set)) {
                $best = max($best, array_sum(array_map(static fn (string $name): float => $worth[$name], $set)));
            }
        }

        return $best;
    }

    /** @return array{array<string, float>, \Closure(list<string>): bool} worths, and whether a set fits: minutes beside a shared opening */
    private static function sample(Dice $dice, int $count): array
    {
        [$worth, $minutes, $machine] = [[], [], []];
        for ($i = 0; $i < $count; ++$i) {
            $worth["job $i"] = $dice->between(10, 250) / 100;
            $minutes["job $i"] = $dice->between(3, 40);
            $machine["job $i"] = $dice->between(0, 3);
        }
        $limit = $dice->between(20, 90) / 100 * array_sum($minutes);

        return [$worth, static function (array $set) use ($minutes, $machine, $limit): bool {
            $opened = array_unique(array_map(static fn (string $job): int => $machine[$job], $set));

            return array_sum(array_map(static fn (string $job): float => $minutes[$job], $set)) + 8 * count($opened) <= $limit;
        }];
    }

    public function test_up_to_ten_it_is_the_greatest_there_is(): void
    {
        $dice = new Dice(20);
        for ($round = 0; $round < 60; ++$round) {
            [$worth, $fits] = self::sample($dice, $round % 8 + 1);
            $set = FittingSet::greatest($worth, $fits);

            self::assertTrue($set->isBest);
            self::assertTrue($fits($set->chosen));
            self::assertEqualsWithDelta(
                self::bestByTryingAll($worth, $fits),
                array_sum(array_map(static fn (string $job): float => $worth[$job], $set->chosen)),
                1e-9,
            );
        }
    }

    public function test_beyond_ten_it_fits_and_nothing_more_could_be_added(): void
    {
        $dice = new Dice(21);
        for ($round = 0; $round < 20; ++$round) {
            [$worth, $fits] = self::sample($dice, 14);
            $set = FittingSet::greatest($worth, $fits);

            self::assertTrue($fits($set->chosen));
            foreach (array_diff(array_keys($worth), $set->chosen) as $left) {
                self::assertFalse($fits([...$set->chosen, $left]), 'the most worn first, then whatever still fits');
            }
        }
    }

    public function test_what_fits_whole_is_asked_once_and_what_never_fits_is_left(): void
    {
        $asked = 0;
        $all = FittingSet::greatest(['a' => 1.0, 'b' => 0.0, 'c' => 2.0], static function () use (&$asked): bool {
            ++$asked;

            return true;
        });
        self::assertSame([['a', 'b', 'c'], true, 1], [$all->chosen, $all->isBest, $asked]);

        $none = FittingSet::greatest(['a' => 1.0, 'b' => 0.5], static fn (array $set): bool => [] === $set);
        self::assertSame([[], true], [$none->chosen, $none->isBest]);
        self::assertSame([], FittingSet::greatest([], static fn (): bool => true)->chosen);
    }
}
