<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\TaskClocks;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\KitchenSettings;
use GoodRinse\Core\Simulation\SimulatedEvent;
use GoodRinse\Core\Simulation\SimulatedKitchen;
use GoodRinse\Core\Usage\UseTimeline;
use Tests\Core\CoreTestCase;

final class SimulatedKitchenTest extends CoreTestCase
{
    private const HABITS = ['loadsPerWeek' => 5.0, 'plates' => 'scrape'];

    private static function kitchen(): SimulatedKitchen
    {
        $kind = self::handbook()->kind('dishwasher');

        return new SimulatedKitchen(
            self::handbook(),
            $kind,
            $kind->task('filter'),
            self::HABITS,
            null,
            new KitchenSettings(5.5, 22),
            new \DateTimeZone('Europe/Stockholm'),
        );
    }

    public function test_the_same_seed_lives_the_same_life(): void
    {
        $live = static fn (int $seed): array => self::kitchen()->live(Day::of('2025-05-01'), Day::of('2025-12-01'), $seed)[0];

        self::assertEquals($live(3), $live(3));
        self::assertNotEquals($live(3), $live(4));
    }

    public function test_a_year_has_about_as_many_loads_as_it_should_and_openings_at_the_rhythm(): void
    {
        [$events] = self::kitchen()->live(Day::of('2025-01-01'), Day::of('2025-12-31'), 5);
        $loads = count(array_filter($events, static fn (SimulatedEvent $event): bool => $event->payload instanceof UseCount));
        $openings = count($events) - $loads;

        self::assertEqualsWithDelta(286, $loads, 55, 'four standard deviations of a Poisson count, a little cut at the top');
        self::assertGreaterThan(6, $openings);
        self::assertLessThan(30, $openings);
    }

    public function test_its_own_books_agree_with_the_logbook(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $last = Day::of('2025-11-20');
        [$events, $rhythm] = self::kitchen()->live(Day::of('2025-01-10'), $last, 8);
        $entries = array_map(
            static fn (SimulatedEvent $event, int $i): Entry => new Entry((string) $i, $i, $event->at, $event->payload),
            $events,
            array_keys($events),
        );
        usort($entries, static fn (Entry $a, Entry $b): int => $a->happenedAt <=> $b->happenedAt);
        $days = new LocalDays($zone);
        $evening = $last->atTime(23, 59, $zone);
        $kind = self::handbook()->kind('dishwasher');
        $model = self::handbook()->rhythmModel();
        $use = UseTimeline::of(
            (new UseEntries($days))->record($entries, $evening),
            $days->of($evening),
            5 / 7,
            $kind->mostUsesPerDay,
            $model,
        );
        $history = (new HistoryBuilder($days, Fraction::of(0.85)))->build(
            $entries,
            $use,
            $evening,
            new \DateTimeImmutable('2025-01-10', $zone),
        );
        $again = (new RhythmEngine($model))->assess(
            (new TaskClocks(self::handbook()->doseModel()))->for(
                $kind,
                $kind->task('filter'),
                new CareSettings(self::HABITS),
                $history,
                $last,
            ),
            $last,
        );

        self::assertEqualsWithDelta($rhythm->wear, $again->wear, 1e-9);
        self::assertEquals($rhythm->dueOn, $again->dueOn);
    }

    public function test_the_dice_throw_what_they_promise(): void
    {
        $dice = new Dice(11);
        $uniform = array_map(static fn (): float => $dice->uniform(), range(1, 4000));
        $normal = array_map(static fn (): float => $dice->normal(), range(1, 4000));
        $poisson = array_map(static fn (): int => $dice->poisson(2.5), range(1, 4000));

        self::assertEqualsWithDelta(0.5, array_sum($uniform) / 4000, 0.03);
        self::assertEqualsWithDelta(0, array_sum($normal) / 4000, 0.08);
        self::assertEqualsWithDelta(1, array_sum(array_map(static fn (float $x): float => $x * $x, $normal)) / 4000, 0.12);
        self::assertEqualsWithDelta(2.5, array_sum($poisson) / 4000, 0.12);
    }
}
