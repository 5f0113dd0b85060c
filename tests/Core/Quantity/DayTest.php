<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\NoSuchDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTest extends TestCase
{
    use TestTrait;

    /** @return iterable<array{string}> */
    public static function impossible(): iterable
    {
        yield ['2026-02-30'];
        yield ['2027-02-29'];
        yield ['2026-13-01'];
        yield ['26-01-01'];
        yield ["2026-01-01\n"];
        yield ['0000-01-01'];
        yield ['tomorrow'];
    }

    #[DataProvider('impossible')]
    public function test_it_refuses_days_that_do_not_exist(string $text): void
    {
        $this->expectException(NoSuchDay::class);
        Day::of($text);
    }

    public function test_the_day_is_the_one_on_the_household_wall(): void
    {
        $instant = new \DateTimeImmutable('2026-03-28T23:30:00Z');

        self::assertSame('2026-03-29', (string) Day::at($instant, new \DateTimeZone('Europe/Stockholm')));
        self::assertSame('2026-03-28', (string) Day::at($instant, new \DateTimeZone('America/Chicago')));
    }

    public function test_a_night_of_23_or_25_hours_is_still_one_day(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        foreach (['2026-03-29', '2026-10-25'] as $change) {
            $day = Day::of($change);
            self::assertSame(1, Day::at($day->plus(1)->atTime(0, 0, $zone), $zone)->since(Day::at($day->atTime(0, 0, $zone), $zone)));
        }
    }

    public function test_counting_there_and_back_ends_where_it_began(): void
    {
        $this->forAll(Generator\choose(-700000, 2000000))->then(static function (int $days): void {
            $start = Day::of('2026-01-01');
            $there = $start->plus($days);
            self::assertSame($days, $there->since($start));
            self::assertSame((string) $there, (string) Day::of((string) $there));
            self::assertSame((int) $there->midnight()->format('N'), $there->weekday());
        });
    }

    public function test_it_ends_with_the_calendar(): void
    {
        self::assertSame('9999-12-31', (string) Day::of('9999-12-30')->plus(1));
        $this->expectException(NoSuchDay::class);
        Day::of('9999-12-31')->plus(1);
    }

    public function test_a_wall_clock_time_that_the_night_skips_moves_on(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $local = static fn (string $day, int $hour): string => Day::of($day)->atTime($hour, 30, $zone)
            ->setTimezone($zone)
            ->format('Y-m-d H:i');

        self::assertSame('2026-03-29 03:30', $local('2026-03-29', 2));
        self::assertSame('2026-10-25 02:30', $local('2026-10-25', 2));
        self::assertSame('2026-06-01T18:30:00+00:00', Day::of('2026-06-01')->atTime(20, 30, $zone)->format('c'));
    }
}
