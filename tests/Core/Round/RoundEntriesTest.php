<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use Eris\TestTrait;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use Tests\Core\CoreTestCase;

/** What the ticks of a round write into the logbook. */
final class RoundEntriesTest extends CoreTestCase
{
    use TestTrait;
    use WalkedRound;

    public function test_ticks_say_what_happened_in_the_world(): void
    {
        $said = static fn (array $done, string $step): array => self::entriesAt($step, self::progress($done));

        [$opening] = $said(['hold-to-light' => 'heavy'], 'hold-to-light');
        self::assertInstanceOf(Opening::class, $opening);
        self::assertSame([0.6, 0.6], [$opening->found?->value, $opening->left->value], 'looked at only, so far');

        [$opening] = $said(['hold-to-light' => 'heavy', 'light-again' => 'film'], 'hold-to-light');
        self::assertInstanceOf(Opening::class, $opening);
        self::assertSame([0.6, 0.1], [$opening->found?->value, $opening->left->value]);

        self::assertEquals([Dose::class], array_map(get_class(...), $said(['hold-to-light' => 'film', 'soak' => null], 'soak')));
        self::assertEquals(
            [Check::class],
            array_map(get_class(...), $said(['hold-to-light' => 'film', 'rinse' => 'suds'], 'rinse')),
            'suds clear nothing',
        );
        self::assertEquals(
            [Check::class, Clearing::class],
            array_map(get_class(...), $said(['hold-to-light' => 'film', 'rinse' => 'none'], 'rinse')),
        );
        self::assertSame([], $said(['rack-out' => null], 'rack-out'));
    }

    public function test_what_the_dirt_is_is_said_with_the_grade(): void
    {
        $at = new \DateTimeImmutable('@0');
        $progress = new Progress(self::procedure(), [
            new Tick('a', 'hold-to-light', $at, 'film', details: new TickDetails(also: 'crust')),
            new Tick('b', 'light-again', $at, 'film', details: new TickDetails(also: 'crust')),
        ]);

        self::assertSame(['found' => 'film', 'dirt' => 'crust', 'left' => 'film', 'residue' => 'crust'], $progress->answers);
        self::assertEquals([new Note('What stays on it? White crust.')], self::entriesAt('light-again', $progress));
        self::assertSame('crust-soak', $progress->step('crust-soak')->id, 'what stays on decides what comes next');
    }

    public function test_nobody_who_did_not_look_writes_an_opening_and_what_was_cleaned_counts_as_clean(): void
    {
        self::assertSame([], self::entriesAt('hold-to-light', self::progress(['hold-to-light' => Capture::UNSEEN])));
        self::assertContains(
            'soak',
            array_map(static fn (Step $step): string => $step->id, self::progress(['hold-to-light' => Capture::UNSEEN])->steps()),
            'who did not look cleans it',
        );
        [$opening] = self::entriesAt('light-again', self::progress(['hold-to-light' => Capture::UNSEEN, 'light-again' => 'film']))
            ?: self::entriesAt('hold-to-light', self::progress(['hold-to-light' => Capture::UNSEEN, 'light-again' => 'film']));
        self::assertEquals(new Opening('filter', null, Fraction::of(0.1), Opening::BY_GRADE), $opening);
    }

    public function test_an_answer_that_takes_a_step_out_takes_its_judgement_but_not_what_was_poured(): void
    {
        $at = new \DateTimeImmutable('@0');
        $ticks = [
            new Tick('a', 'hold-to-light', $at, 'heavy'),
            new Tick('b', 'soak', $at),
            new Tick('c', 'light-again', $at, 'film'),
            new Tick('d', 'hold-to-light', $at, 'clear'),
        ];
        $progress = new Progress(self::procedure(), $ticks);

        self::assertEquals([Dose::class], array_map(get_class(...), self::entriesAt('soak', $progress)), 'the soap was poured');
        [$opening] = self::entriesAt('hold-to-light', $progress);
        self::assertEquals(new Opening('filter', Fraction::none(), Fraction::none()), $opening, 'what was said after it counts no more');
    }

    public function test_what_happened_last_counts_whatever_arrived_last(): void
    {
        $tick = static fn (string $id, string $at, string $answer): Tick => new Tick(
            $id,
            'hold-to-light',
            new \DateTimeImmutable($at),
            $answer,
        );
        $progress = new Progress(self::procedure(), [$tick('a', '@600', 'heavy'), $tick('b', '@300', 'film')]);

        self::assertSame('heavy', $progress->answers['found'] ?? null);
    }

    public function test_nobody_leaves_more_in_place_than_was_found(): void
    {
        [$opening] = self::entriesAt('hold-to-light', self::progress(['hold-to-light' => 'film', 'light-again' => 'clogged']));

        self::assertInstanceOf(Opening::class, $opening);
        self::assertSame(0.1, $opening->left->value);
    }
}
