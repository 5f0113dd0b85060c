<?php

declare(strict_types=1);

namespace Tests\Core\Usage;

use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Usage\TapTrack;
use GoodRinse\Core\Usage\TimeSpans;
use PHPUnit\Framework\TestCase;

/** Single uses, kept and continued: a cut anywhere changes nothing, to the last bit. */
final class TapTrackTest extends TestCase
{
    public function test_cut_packed_and_continued_it_is_what_it_was(): void
    {
        $none = TimeSpans::of([]);
        $dice = new Dice(7);
        for ($run = 0; $run < 60; ++$run) {
            $time = 100.0;
            $taps = [];
            for ($i = $dice->between(0, 80); $i > 0; --$i) {
                $taps[] = [$time += $dice->uniform() * $dice->between(1, 6), 0.1 + $dice->uniform()];
            }
            $whole = TapTrack::begin(0.7)->with($taps, INF, $none, $none);
            $cut = 100 + $dice->uniform() * ($time - 99);
            $early = array_values(array_filter($taps, static fn (array $tap): bool => $tap[0] < $cut));
            $late = array_values(array_filter($taps, static fn (array $tap): bool => $tap[0] >= $cut));
            self::assertEquals(TapTrack::begin(0.7)->with($early, INF, $none, $none), $whole->before($cut));
            $again = TapTrack::unpack($whole->before($cut)->pack())->with($late, INF, $none, $none);
            self::assertSame([$whole->times, $whole->sums], [$again->times, $again->sums]);
            self::assertEquals($whole->watched(), $again->watched());
        }
    }

    public function test_what_a_counter_watched_or_somebody_told_is_not_counted_again(): void
    {
        $track = TapTrack::begin(1.0)->with(
            [[1.0, 1.0], [2.0, 1.0], [3.0, 1.0], [9.0, 1.0]],
            5.0,
            TimeSpans::of([[1.5, 2.0]]),
            TimeSpans::of([[2.5, 3.0]]),
        );
        self::assertSame([1.0, 3.0], $track->times, 'a counter watches with both its ends, a period without its end; nothing after now');
        self::assertSame([1.0, 2.0], [$track->uses(3.0, false), $track->uses(3.0, true)]);
    }

    public function test_taps_far_apart_leave_time_that_nobody_knows_of(): void
    {
        $none = TimeSpans::of([]);
        $taps = [[0.0, 1.0], [2.9, 1.0], [6.0, 1.0]];
        self::assertSame([[0.0, 2.9]], TapTrack::begin(1.0)->with($taps, INF, $none, $none)->watched()->spans);
        self::assertSame(
            [[0.0, 6.0]],
            TapTrack::begin(0.5)->with($taps, INF, $none, $none)->watched()->spans,
            'used rarely, they are neighbours',
        );
    }
}
