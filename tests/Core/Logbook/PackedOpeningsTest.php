<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Logbook\PackedOpenings;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

/** Openings as text. */
final class PackedOpeningsTest extends TestCase
{
    public function test_nothing_is_lost(): void
    {
        $dice = new Dice(3);
        $openings = [];
        for ($i = 0; $i < 200; ++$i) {
            $openings[] = new OpeningRecord(
                "entry-$i",
                Day::of('2026-02-28')->plus($i),
                $dice->between(0, 400),
                $dice->uniform() * 1e6 / 3,
                0 === $i % 5 ? null : Fraction::of($dice->uniform()),
                Fraction::of($dice->uniform()),
                $dice->between(0, 9),
                0 === $i % 7,
                $dice->uniform() / 3,
            );
        }
        $packed = PackedOpenings::of($openings);
        self::assertEquals($openings, $packed->openings());
        self::assertSame('entry-199', $packed->last);
    }
}
