<?php

declare(strict_types=1);

namespace Tests\Core\Device;

use GoodRinse\Core\Device\DeviceClock;
use GoodRinse\Core\Device\MeterReading;
use GoodRinse\Core\Device\MeterVerdict;
use GoodRinse\Core\Device\ReadingsFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingsFileTest extends TestCase
{
    private static function read(string $text, ?string $marks = null, ?string $order = null): ReadingsFile
    {
        return ReadingsFile::read(
            $text,
            new \DateTimeZone('Europe/Stockholm'),
            new \DateTimeImmutable('2026-06-15T09:00:00Z'),
            $marks,
            $order,
        );
    }

    /** @return iterable<string, array{string, list<array{string, float}>}> table, moments in UTC and numbers */
    public static function formats(): iterable
    {
        yield 'a moment with its offset' => [
            "when,total\n2026-03-01T10:00:00Z,100\n2026-03-02T10:00:00+02:00,101",
            [['2026-03-01 10:00', 100.0], ['2026-03-02 08:00', 101.0]],
        ];
        yield 'unix seconds and milliseconds' => [
            "when,uses\n1772359200,1\n1772359260000,2",
            [['2026-03-01 10:00', 1.0], ['2026-03-01 10:01', 2.0]],
        ];
        yield 'days with dots, decimals with commas' => [
            "when;total\n01.03.2026 08:15;1.120,5\n02.03.2026;1.121",
            [['2026-03-01 07:15', 1120.5], ['2026-03-02 11:00', 1121.0]],
        ];
        yield 'the month first, half days' => [
            "when,total\n3/4/2026 3:40 PM,7\n3/28/2026 12:05 am,8",
            [['2026-03-04 14:40', 7.0], ['2026-03-27 23:05', 8.0]],
        ];
        yield 'the day first' => ["when,total\n3/4/2026,7\n28/4/2026,8", [['2026-04-03 10:00', 7.0], ['2026-04-28 10:00', 8.0]]];
        yield 'thousands with commas' => [
            "when;total\n2026-03-01;999\n2026-03-02;1,120\n2026-03-03;1,120.5",
            [['2026-03-01 11:00', 999.0], ['2026-03-02 11:00', 1120.0], ['2026-03-03 11:00', 1120.5]],
        ];
        yield 'thousands with thin spaces' => ["when;total\n2026-03-01;1\u{202F}120", [['2026-03-01 11:00', 1120.0]]];
    }

    /** @param list<array{string, float}> $expected */
    #[DataProvider('formats')]
    public function test_days_and_numbers_are_read_as_the_whole_table_writes_them(string $table, array $expected): void
    {
        $file = self::read($table);
        self::assertSame([[], []], [$file->bad, $file->asks]);
        self::assertSame($expected, array_map(
            static fn (array $line): array => [$line[0]->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i'), $line[1]],
            array_values($file->good),
        ));
    }

    public function test_what_the_table_does_not_tell_is_asked(): void
    {
        $table = "when;total\n03/04/2026;1,120\n04/04/2026;1,121";
        self::assertSame([['numbers', 'days'], []], [self::read($table)->asks, self::read($table)->good]);
        self::assertSame(['days'], self::read($table, 'thousands')->asks);
        $file = self::read($table, 'decimals', 'month-first');
        self::assertSame(['2026-03-04', 1.12], [$file->good[2][0]->format('Y-m-d'), $file->good[2][1]]);
        $file = self::read($table, 'thousands', 'day-first');
        self::assertSame(['2026-04-03', 1120.0], [$file->good[2][0]->format('Y-m-d'), $file->good[2][1]]);
    }

    public function test_the_order_of_the_lines_is_no_matter(): void
    {
        $lines = ['2026-05-01,100', '2026-05-02,104', '2026-05-03,103', '2026-05-04,90000', '2026-05-05,106'];
        foreach ([$lines, array_reverse($lines), [$lines[3], $lines[1], $lines[4], $lines[0], $lines[2]]] as $order) {
            $file = self::read("when,total\n".implode("\n", $order))->against([], 6.0);
            self::assertEqualsCanonicalizing([100.0, 104.0, 106.0], array_column($file->good, 1));
            self::assertEqualsCanonicalizing(['backwards', 'jumps'], array_column($file->bad, 0));
        }
    }

    public function test_every_bad_line_is_named_by_its_number_and_the_good_ones_stay(): void
    {
        $file = self::read(
            "when,total\n2026-05-01 20:00,100\n2026-02-30,101\n2026-05-02,abc\n\n2026-05-03 20:00,99\n"
            ."2026-07-01,200\n2026-05-01 20:00,100\n2026-05-04 25:00,101\n2026-05-05,104\n2026-05-06,-3\n",
        );

        $file = $file->against([], 6.0);
        self::assertSame([2, 10], array_keys($file->good));
        self::assertSame(
            [3 => 'no-time', 4 => 'no-number', 6 => 'backwards', 7 => 'future', 8 => 'twice', 9 => 'no-time', 11 => 'no-number'],
            array_map(static fn (array $bad): string => $bad[0], $file->bad),
        );
        self::assertSame(['total' => '99', 'before' => '100'], $file->bad[6][1]);
    }

    public function test_a_time_is_on_the_households_clock_and_a_day_alone_is_noon(): void
    {
        $file = self::read("when;uses\n2026-05-01 20:00;2,5\n2026-05-02;1\n2026-06-15;1");

        self::assertSame(ReadingsFile::USES, $file->column);
        self::assertSame(['2026-05-01T18:00:00', '2026-05-02T10:00:00', '2026-06-15T09:00:00'], array_map(
            static fn (array $line): string => $line[0]->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s'),
            array_values($file->good),
        ));
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
        self::assertSame(
            [2, 3],
            array_keys(self::read("\xEF\xBB\xBFWhen,Total\r\n2026-05-01,900\r\n2026-05-02,3\r\n")->against([], 6.0, true)->good),
        );
    }

    public function test_what_contradicts_or_repeats_earlier_readings_is_left_out(): void
    {
        $at = static fn (string $day): \DateTimeImmutable => new \DateTimeImmutable("$day 12:00", new \DateTimeZone('Europe/Stockholm'));
        $known = [[$at('2026-05-01'), 100.0], [$at('2026-05-10'), 120.0]];
        $file = self::read(
            "when,total\n2026-05-01,100\n2026-05-05,110\n2026-05-06,121\n2026-05-11,119\n2026-05-12,130",
        )->against($known, 6.0);

        self::assertSame([3, 6], array_keys($file->good));
        self::assertSame(
            [2 => 'there', 4 => 'backwards', 5 => 'backwards'],
            array_map(static fn (array $bad): string => $bad[0], $file->bad),
        );
    }

    public function test_a_reading_is_held_between_its_neighbours(): void
    {
        $reading = static fn (float $total): MeterReading => new MeterReading(new \DateTimeImmutable('2026-05-01'), $total);
        self::assertSame(MeterVerdict::Taken, $reading(5)->judge(null, null, 6.0));
        self::assertSame(MeterVerdict::Taken, $reading(5)->judge($reading(5), $reading(5), 6.0));
        self::assertSame(MeterVerdict::Backwards, $reading(5)->judge($reading(6), null, 6.0));
        self::assertSame(MeterVerdict::Backwards, $reading(5)->judge(null, $reading(4), 6.0));
        self::assertSame(MeterVerdict::Jumps, $reading(40)->judge($reading(5), null, 6.0));
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
