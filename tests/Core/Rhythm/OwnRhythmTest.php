<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Rhythm\InvalidClock;
use GoodRinse\Core\Rhythm\OwnRhythm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OwnRhythmTest extends TestCase
{
    /** @return iterable<string, array{string|null, string|null}> unit that was kept, unit that it is counted in */
    public static function units(): iterable
    {
        yield 'a name that uses had before' => ['brews', 'boils'];
        yield 'the name they have' => ['boils', 'boils'];
        yield 'days' => ['days', 'days'];
        yield 'water' => ['litres', 'litres'];
        yield 'bounds only' => [null, null];
    }

    #[DataProvider('units')]
    public function test_what_was_kept_in_uses_goes_on_when_they_are_called_otherwise(?string $kept, ?string $now): void
    {
        $own = (new OwnRhythm($kept, null === $kept ? null : 40.0, 7.0, 90.0))->countedIn('boils');
        self::assertSame([$now, null === $kept ? null : 40.0, 7.0, 90.0], [$own->unit, $own->count, $own->least, $own->most]);
    }

    /** @return iterable<array{float}> */
    public static function impossible(): iterable
    {
        yield from [[0.0], [-1.0], [NAN], [INF]];
    }

    #[DataProvider('impossible')]
    public function test_an_interval_is_a_length(float $count): void
    {
        $this->expectException(InvalidClock::class);
        new OwnRhythm('days', $count);
    }
}
