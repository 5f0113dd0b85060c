<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\MeasurementForm;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What is counted, measured and fitted during a round. */
final class RoundReadingsTest extends CoreTestCase
{
    use ArmsRound;

    public function test_a_count_under_way_leaves_the_step_open(): void
    {
        $pods = self::fitted('pod-brewer', 'descale-pods', ['cartridge' => 'no-cartridge']);
        $tick = static fn (string $how): Tick => new Tick('t', 'cups-through', new \DateTimeImmutable('@0'), '3', how: $how);
        $step = (new Progress($pods, []))->step('cups-through');

        self::assertFalse((new Progress($pods, [$tick(Tick::COUNTING)]))->isDone($step));
        self::assertSame([], self::entriesAt($step->id, new Progress($pods, [$tick(Tick::COUNTING)])));
        self::assertEquals([new Measurement('cups-through', 3.0)], self::entriesAt($step->id, new Progress($pods, [$tick(Tick::DONE)])));
        self::assertFalse($step->capture?->accepts('0'));
        self::assertFalse($step->capture->accepts('many'));
    }

    public function test_every_rinse_asked_for_again_is_counted(): void
    {
        $pots = self::fitted('drip-brewer', 'descale-manual', ['programme' => 'manual']);
        $answers = ['smells', 'smells', 'no-smell'];
        $ticks = array_map(
            static fn (int $i, string $answer): Tick => new Tick("t$i", 'smell', new \DateTimeImmutable("@$i"), $answer),
            array_keys($answers),
            $answers,
        );
        $said = self::entriesAt('smell', new Progress($pots, $ticks));

        self::assertContainsEquals(new Measurement('rinses', 4.0), $said);
    }

    public function test_a_descaling_seen_through_leaves_nothing_in_place(): void
    {
        foreach ([
            ['drip-brewer', 'descale-programme', ['programme' => 'programmed'], 'pot-look', 'smell'],
            ['pod-brewer', 'descale-pods', ['cartridge' => 'no-cartridge'], 'cups-look', 'cups-smell'],
        ] as [
            $kind,
            $procedure,
            $traits,
            $look,
            $smell,
        ]) {
            $descaling = self::fitted($kind, $procedure, $traits);
            $looked = new Tick('a', $look, new \DateTimeImmutable('@0'), 'lime-slower');
            foreach (['no-smell' => 0.0, 'smells' => 0.35] as $answer => $left) {
                $smelled = new Tick('b', $smell, new \DateTimeImmutable('@9'), $answer, 'smells' === $answer);
                $progress = new Progress($descaling, [$looked, $smelled]);
                $openings = array_values(
                    array_filter(self::entriesAt($look, $progress), static fn (object $payload): bool => $payload instanceof Opening),
                );
                self::assertSame($left, ($openings[0] ?? null)?->left->value, "$procedure, $answer");
                self::assertSame(self::handbook()->scales()->grade('lime-slower')->fraction->value, ($openings[0] ?? null)?->found?->value);
            }
            $only = new Progress($descaling, [$looked]);
            self::assertEquals(
                [new Opening(
                    'descale',
                    self::handbook()->scales()->grade('lime-slower')->fraction,
                    self::handbook()->scales()->grade('lime-slower')->fraction,
                )],
                self::entriesAt($look, $only),
                'only looked at: left as found',
            );
        }
    }

    public function test_counted_jets_are_the_opening(): void
    {
        $details = new TickDetails([new Measurement('jets-lower-top', 3.0, 12.0), new Measurement('jets-upper', 3.0, 8.0)]);
        $ticks = [new Tick('t', 'jets-look', new \DateTimeImmutable('@0'), 'jets-few', details: $details)];
        $progress = new Progress(self::arms(), $ticks);
        $said = self::entriesAt('jets-look', $progress);
        $opening = array_values(array_filter($said, static fn (object $payload): bool => $payload instanceof Opening))[0]
            ?? self::fail('it is an opening');

        self::assertSame(0.3, $opening->found?->value);
        self::assertSame(Opening::COUNTED, $opening->how);
        self::assertCount(3, $said);
        self::assertEquals($details, TickDetails::read((array) json_decode((string) json_encode($details->toArray()), true)));
    }

    public function test_a_new_part_is_written_down(): void
    {
        $change = self::fitted('pod-brewer', 'water-filter', ['cartridge' => 'cartridge']);
        $progress = self::until($change, 'cartridge-new');

        self::assertEquals([new PartFitted('cartridge')], self::entriesAt('cartridge-new', $progress));
    }

    /** @return iterable<string, array{array<string, mixed>, int|null}> what is filled in; how many readings, null when refused */
    public static function fillings(): iterable
    {
        yield 'nothing' => [[], 0];
        yield 'empty fields' => [['jets-lower-top' => ['shut' => '', 'all' => '12']], 0];
        yield 'a count' => [['jets-lower-top' => ['shut' => '3', 'all' => '12'], 'jets-upper' => ['shut' => '0', 'all' => '9']], 2];
        yield 'more shut than there are' => [['jets-upper' => ['shut' => '13', 'all' => '12']], null];
        yield 'no total' => [['jets-upper' => ['shut' => '3']], null];
        yield 'out of range' => [['jets-upper' => ['shut' => '3', 'all' => '900']], null];
        yield 'an arm this machine has not' => [['jets-top' => ['shut' => '3', 'all' => '12']], 0];
        yield 'not a number' => [['jets-upper' => ['shut' => 'some', 'all' => '12']], 0];
        yield 'a list where a count belongs' => [['jets-upper' => ['shut' => ['3'], 'all' => '12']], 0];
    }

    /** @param array<string, mixed> $given */
    #[DataProvider('fillings')]
    public function test_a_form_is_read_as_far_as_it_makes_sense(array $given, ?int $readings): void
    {
        if (null === $readings) {
            $this->expectException(CannotTick::class);
        }
        $step = (new Progress(self::arms(), []))->step('jets-look');

        self::assertCount($readings ?? 0, (new MeasurementForm(self::handbook()))->read($step, $given, self::TRAITS));
    }

    public function test_being_late_is_said_and_whether_it_does_harm(): void
    {
        $filter = self::fitted('dishwasher', 'filter-clean', ['mesh' => 'plastic'] + self::TRAITS);
        $ticks = [];
        foreach (['hold-to-light' => 'heavy', 'light-again' => 'film', 'bleach-wipe' => null] as $step => $answer) {
            $ticks[] = new Tick(
                "t$step",
                $step,
                new \DateTimeImmutable('2026-05-01T10:00:00Z'),
                $answer,
                details: new TickDetails(also: 'light-again' === $step ? 'slime' : null),
            );
        }
        $timer = (new Progress($filter, $ticks))->timers()[0] ?? self::fail('the bleach works');

        self::assertNull($timer->lateness(new \DateTimeImmutable('2026-05-01T10:05:30Z')));
        $late = $timer->lateness(new \DateTimeImmutable('2026-05-01T10:09:00Z'));
        self::assertSame([4.0, false], [$late?->by->value, $late?->harms]);
        self::assertTrue($timer->lateness(new \DateTimeImmutable('2026-05-01T10:10:30Z'))?->harms);
    }
}
