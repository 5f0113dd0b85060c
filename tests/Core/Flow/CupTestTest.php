<?php

declare(strict_types=1);

namespace Tests\Core\Flow;

use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\CupResult;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Flow\CupVerdict;
use GoodRinse\Core\Flow\InvalidFlow;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class CupTestTest extends CoreTestCase
{
    /** @param list<array{0: float|int, 1: float|int, 2?: bool}> $readings */
    private static function judge(array $readings, ?float $baseline = 180.0): CupResult
    {
        return (new CupTest(self::handbook()->measureModel()->flow))->judge(
            array_map(
                static fn (array $reading): CupReading => new CupReading((float) $reading[0], (float) $reading[1], $reading[2] ?? false),
                $readings,
            ),
            $baseline,
        );
    }

    /** @return iterable<string, array{list<array{0: float|int, 1: float|int, 2?: bool}>, CupVerdict}> */
    public static function cups(): iterable
    {
        yield 'one minute, hardly any' => [[[0, 0], [1, 20]], CupVerdict::KeepChecking];
        yield 'it was another arm’s minute' => [[[0, 0], [1, 2], [2, 150]], CupVerdict::Good];
        yield 'seven tenths to the drop' => [[[0, 0], [1, 126]], CupVerdict::Good];
        yield 'three tenths to the drop' => [[[0, 0], [1, 54]], CupVerdict::Weak];
        yield 'three looks' => [[[0, 0], [1, 20], [2, 40], [3, 60]], CupVerdict::Starved];
        yield 'six minutes' => [[[0, 0], [6, 100]], CupVerdict::Starved];
        yield 'begun late, six minutes' => [[[2, 0], [8, 100]], CupVerdict::Starved];
        yield 'begun late, five minutes' => [[[2, 0], [7, 100]], CupVerdict::KeepChecking];
        yield 'full to the brim says at least so much' => [[[0, 0], [6, 250, true]], CupVerdict::KeepChecking];
        yield 'full and plenty' => [[[0, 0], [1, 250, true]], CupVerdict::Good];
    }

    /** @param list<array{0: float|int, 1: float|int, 2?: bool}> $readings */
    #[DataProvider('cups')]
    public function test_what_a_cup_says(array $readings, CupVerdict $verdict): void
    {
        $result = self::judge($readings);

        self::assertSame($verdict, $result->verdict);
        self::assertSame(CupVerdict::KeepChecking === $verdict, null !== $result->lookAgainAt);
    }

    public function test_without_a_baseline_there_is_a_rate_and_no_score(): void
    {
        $result = self::judge([[0, 0], [2, 100]], null);

        self::assertSame([50.0, null, CupVerdict::NoBaseline], [$result->rate, $result->ratio, $result->verdict]);
    }

    public function test_it_says_when_to_look_again(): void
    {
        self::assertSame(6.0, self::judge([[0, 0], [1, 20]])->lookAgainAt);
        self::assertSame(8.0, self::judge([[2, 0], [3, 20]])->lookAgainAt);
    }

    /** @return iterable<string, array{list<array{0: float|int, 1: float|int}>, float|null}> */
    public static function impossible(): iterable
    {
        yield 'a single look' => [[[0, 0]], 180.0];
        yield 'time that stands' => [[[1, 0], [1, 20]], 180.0];
        yield 'time that runs backwards' => [[[2, 0], [1, 20]], 180.0];
        yield 'less than an empty cup' => [[[0, 0], [1, -1]], 180.0];
        yield 'before the start' => [[[-1, 0], [1, 10]], 180.0];
        yield 'a baseline of nothing' => [[[0, 0], [1, 20]], 0.0];
    }

    /** @param list<array{0: float|int, 1: float|int}> $readings */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused(array $readings, ?float $baseline): void
    {
        $this->expectException(InvalidFlow::class);
        self::judge($readings, $baseline);
    }
}
