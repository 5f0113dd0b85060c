<?php

declare(strict_types=1);

namespace Tests\Core\Device;

use GoodRinse\Core\Device\CounterReading;
use GoodRinse\Core\Device\DeviceClock;
use GoodRinse\Core\Device\Judgement;
use GoodRinse\Core\Device\ReadingsFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingsFileTest extends TestCase
{
    private static function read(string $text, bool $replaced = false): ReadingsFile
    {
        return ReadingsFile::read($text, new \DateTimeZone('Europe/Stockholm'), new \DateTimeImmutable('2026-06-15T09:00:00Z'), $replaced);
    }

    public function test_every_bad_line_is_named_by_its_number_and_the_good_ones_stay(): void
    {
        $file = self::read("when,total\n2026-05-01 20:00,100\n2026-02-30,101\n2026-05-02,abc\n\n2026-05-03 20:00,99\n2026-07-01,200\n2026-05-01 20:00,100\n2026-05-04 25:00,101\n2026-05-05,104\n2026-05-06,-3\n");

        self::assertSame([2, 10], array_keys($file->good));
        self::assertSame([3 => 'no-time', 4 => 'no-number', 6 => 'backwards', 7 => 'future', 8 => 'twice', 9 => 'no-time', 11 => 'no-number'], array_map(static fn (array $bad): string => $bad[0], $file->bad));
        self::assertSame(['total' => '99', 'before' => '100'], $file->bad[6][1]);
    }

    public function test_a_time_is_on_the_households_clock_and_a_day_alone_is_noon(): void
    {
        $file = self::read("when;uses\n2026-05-01 20:00;2,5\n2026-05-02;1\n2026-06-15;1");

        self::assertSame(ReadingsFile::USES, $file->column);
        self::assertSame(['2026-05-01T18:00:00', '2026-05-02T10:00:00', '2026-06-15T09:00:00'], array_map(static fn (array $line): string => $line[0]->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s'), array_values($file->good)));
        self::assertSame(2.5, $file->good[2][1]);
    }

    /** @return iterable<string, array{string}> */
    public static function headless(): iterable
    {
        yield 'nothing' => [''];
        yield 'no header' => ["2026-05-01,100\n2026-05-02,101"];
        yield 'half a header' => ["when,amount\n2026-05-01,100"];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n"];
    }

    #[DataProvider('headless')]
    public function test_a_table_without_its_header_is_refused_at_line_one(string $text): void
    {
        $file = self::read($text);

        self::assertSame([[], [1 => ['header', []]]], [$file->good, $file->bad]);
    }

    public function test_a_replaced_counter_may_begin_lower(): void
    {
        self::assertSame([2, 3], array_keys(self::read("\xEF\xBB\xBFWhen,Total\r\n2026-05-01,900\r\n2026-05-02,3\r\n", true)->good));
    }

    public function test_what_contradicts_or_repeats_earlier_readings_is_left_out(): void
    {
        $at = static fn (string $day): \DateTimeImmutable => new \DateTimeImmutable("$day 12:00", new \DateTimeZone('Europe/Stockholm'));
        $known = [[$at('2026-05-01'), 100.0], [$at('2026-05-10'), 120.0]];
        $file = self::read("when,total\n2026-05-01,100\n2026-05-05,110\n2026-05-06,121\n2026-05-11,119\n2026-05-12,130")->against($known);

        self::assertSame([3, 6], array_keys($file->good));
        self::assertSame([2 => 'there', 4 => 'contradicts', 5 => 'backwards'], array_map(static fn (array $bad): string => $bad[0], $file->bad));
    }

    public function test_a_reading_is_held_between_its_neighbours(): void
    {
        $reading = static fn (float $total): CounterReading => new CounterReading(new \DateTimeImmutable('2026-05-01'), $total);
        self::assertSame(Judgement::Taken, $reading(5)->judge(null, null));
        self::assertSame(Judgement::Taken, $reading(5)->judge($reading(5), $reading(5)));
        self::assertSame(Judgement::Backwards, $reading(5)->judge($reading(6), null));
        self::assertSame(Judgement::Backwards, $reading(5)->judge(null, $reading(4)));
    }

    public function test_a_wrong_clock_is_set_right_by_what_it_says_of_now(): void
    {
        $now = new \DateTimeImmutable('2026-05-01T12:00:00Z');
        $ahead = new DeviceClock($now->modify('+2 hours'), $now);
        self::assertSame(7200, $ahead->ahead);
        self::assertEquals($now->modify('-30 minutes'), $ahead->right($now->modify('+90 minutes')));
        self::assertFalse($ahead->isImpossible($now->modify('+2 hours')));
        self::assertTrue($ahead->isImpossible($now->modify('+3 hours')));

        $near = new DeviceClock($now->modify('+40 seconds'), $now);
        self::assertSame(0, $near->ahead);
        self::assertEquals($now, $near->right($now->modify('+30 seconds')), 'never later than now');
        self::assertTrue((new DeviceClock(null, $now))->isImpossible($now->modify('+10 minutes')));
    }
}
