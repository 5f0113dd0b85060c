<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Fuzz\RoundFuzz;
use Tests\TestCase;

/**
 * Random rounds through the pages: every kind of machine, any traits, any set of procedures, any answers, steps left
 * out, gone back to, undone and sent late in any order. GOODRINSE_ROUNDS says how many, GOODRINSE_SEED where to begin.
 */
#[Group('long')]
final class RoundFuzzTest extends TestCase
{
    private const SHARES = 6;

    /** @return iterable<string, array{int}> */
    public static function shares(): iterable
    {
        for ($share = 0; $share < self::SHARES; ++$share) {
            yield "share $share" => [$share];
        }
    }

    #[DataProvider('shares')]
    public function test_what_always_holds_of_a_round(int $share): void
    {
        $many = (int) (getenv('GOODRINSE_ROUNDS') ?: 72);
        $first = (int) (getenv('GOODRINSE_SEED') ?: 1);
        $fuzz = new RoundFuzz($this, $this->clock);
        for ($seed = $first + $share; $seed < $first + $many; $seed += self::SHARES) {
            $fuzz->round($seed);
        }
        self::assertGreaterThanOrEqual(min(1, $many - $share), $fuzz->steps);
    }
}
