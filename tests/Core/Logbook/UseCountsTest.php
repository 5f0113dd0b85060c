<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Logbook\Counter;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Meter;
use GoodRinse\Core\Logbook\Payload;
use GoodRinse\Core\Logbook\UseCounts;
use GoodRinse\Core\Logbook\UseTally;
use GoodRinse\Core\Quantity\Day;
use PHPUnit\Framework\TestCase;

final class UseCountsTest extends TestCase
{
    use TestTrait;

    /**
     * @param list<array{string, Payload}> $said
     *
     * @return array<string, float> uses by the time they were counted at
     */
    private static function counts(array $said, ?float $litres = null): array
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        usort($said, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $entries = array_map(static fn (array $each, int $i): Entry => new Entry((string) $i, $i, new \DateTimeImmutable($each[0], $zone), $each[1]), $said, array_keys($said));
        $counts = [];
        foreach ((new UseCounts($zone, $litres))->of($entries, new \DateTimeImmutable('2026-07-01', $zone)) as [$time, $uses]) {
            $at = (new \DateTimeImmutable("@$time"))->setTimezone($zone)->format('m-d H:i');
            $counts[$at] = ($counts[$at] ?? 0) + $uses;
        }

        return $counts;
    }

    public function test_a_counter_tells_use_by_the_difference_and_its_first_reading_tells_nothing(): void
    {
        self::assertSame(['05-02 20:00' => 3.0, '05-03 20:00' => 5.0], self::counts([
            ['2026-05-01 20:00', new Meter('loads', 100, 'a')], ['2026-05-02 20:00', new Meter('loads', 103, 'a')],
            ['2026-05-03 20:00', new Meter('loads', 108, 'a')], ['2026-05-04 20:00', new Meter('loads', 108, 'a')],
        ]));
    }

    public function test_a_late_reading_only_divides_what_lay_round_it(): void
    {
        $without = self::counts([['2026-05-01 20:00', new Meter('loads', 0, 'a')], ['2026-05-05 20:00', new Meter('loads', 9, 'a')]]);
        $with = self::counts([['2026-05-01 20:00', new Meter('loads', 0, 'a')], ['2026-05-03 20:00', new Meter('loads', 4, 'a')], ['2026-05-05 20:00', new Meter('loads', 9, 'a')]]);

        self::assertSame(array_sum($without), array_sum($with));
        self::assertSame(['05-03 20:00' => 4.0, '05-05 20:00' => 5.0], $with);
    }

    public function test_a_new_series_is_never_compared_with_the_one_before(): void
    {
        self::assertSame(5.0, array_sum(self::counts([
            ['2026-05-01 20:00', new Meter('loads', 300, 'a', 0)], ['2026-05-02 20:00', new Meter('loads', 302, 'a', 0)],
            ['2026-05-02 20:01', new Meter('loads', 0, 'a', 1)], ['2026-05-04 20:00', new Meter('loads', 3, 'a', 1)],
        ])));
    }

    public function test_what_was_counted_by_hand_while_a_counter_watched_is_the_same_use(): void
    {
        self::assertSame(['04-30 20:00' => 1.0, '05-03 20:00' => 2.0, '05-04 20:00' => 1.0], self::counts([
            ['2026-04-30 20:00', new Counter('loads', 1)], ['2026-05-01 08:00', new Meter('loads', 10, 'a')], ['2026-05-02 20:00', new Counter('loads', 1)],
            ['2026-05-03 20:00', new Meter('loads', 12, 'a')], ['2026-05-04 20:00', new Counter('loads', 1)],
        ]));
    }

    public function test_two_counters_that_watch_at_once_count_once(): void
    {
        self::assertSame(['05-03 20:00' => 4.0, '05-06 20:00' => 3.0], self::counts([
            ['2026-05-01 20:00', new Meter('loads', 10, 'a')], ['2026-05-02 20:00', new Meter('loads', 500, 'b')], ['2026-05-03 10:00', new Meter('loads', 502, 'b')],
            ['2026-05-03 20:00', new Meter('loads', 14, 'a')], ['2026-05-06 20:00', new Meter('loads', 505, 'b')],
        ]));
    }

    public function test_about_how_many_in_a_week_is_spread_over_its_days(): void
    {
        $counts = self::counts([['2026-05-07 09:00', new Counter('loads', 7, 7)]]);

        self::assertCount(7, $counts);
        self::assertEqualsWithDelta(7.0, array_sum($counts), 1e-9);
        self::assertArrayHasKey('05-01 12:00', $counts);
        self::assertArrayHasKey('05-07 09:00', $counts);
    }

    public function test_litres_are_turned_into_uses_where_a_use_has_litres(): void
    {
        self::assertSame([4.0], array_values(self::counts([['2026-05-01 20:00', new Meter('litres', 0, 'a')], ['2026-05-02 20:00', new Meter('litres', 5, 'a')]], 1.25)));
    }

    public function test_days_of_nobody_at_home_are_not_guessed_uses(): void
    {
        $zone = new \DateTimeZone('UTC');
        $at = static fn (string $day): int => (new \DateTimeImmutable($day, $zone))->getTimestamp();
        $tally = new UseTally([], $zone, 2.0, new Absences([[Day::of('2026-05-05'), Day::of('2026-05-09')]]));

        self::assertSame(10.0, $tally->between($at('2026-05-01'), $at('2026-05-11')));
    }

    public function test_days_of_presence_and_calendar_days_agree(): void
    {
        $day = Day::of('2026-05-10');
        $this->forAll(Generator\choose(-40, 40), Generator\choose(-30, 30), Generator\choose(0, 12), Generator\choose(-30, 30), Generator\choose(0, 9))->then(static function (int $present, int $from, int $length, int $other, int $more) use ($day): void {
            $absences = new Absences([[$day->plus($from), $day->plus($from + $length)], [$day->plus($other), $day->plus($other + $more)]]);
            $away = $absences->calendarDays($day, $present);
            $end = $day->plus($away);
            $days = $present >= 0 ? $end->since($day) - $absences->days($day, $end) : -($day->since($end) - $absences->days($end, $day));
            self::assertSame($present, $days);
            if ($present > 0) {
                self::assertNull($absences->until($end), 'it ends on a day when somebody is there');
            }
        });
    }
}
