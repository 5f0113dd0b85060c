<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\CaptureKind;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What must be true of every procedure in the handbook, on every machine its traits can make. */
final class CareRulesTest extends CoreTestCase
{
    /** @return iterable<string, array{Procedure}> */
    public static function procedures(): iterable
    {
        $kind = self::handbook()->kind('dishwasher');
        foreach (['stainless', 'plastic'] as $tub) {
            foreach (['twist-out', 'flat-plate', 'sealed', 'none'] as $filter) {
                $traits = ['tub' => $tub, 'filter' => $filter, 'arms' => 'two'];
                foreach ($kind->task('filter')->procedures($traits) as $id) {
                    yield "$id, $tub, $filter" => [(new Handbook(self::handbook()->excerpt('dishwasher', $id, $traits)))->kind('dishwasher')->procedure($id)];
                }
            }
        }
    }

    /** @return list<string> */
    private static function ids(Procedure $procedure): array
    {
        return array_map(static fn (Step $step): string => $step->id, $procedure->steps);
    }

    #[DataProvider('procedures')]
    public function test_hands_go_below_the_filter_only_with_the_power_off(Procedure $procedure): void
    {
        $ids = self::ids($procedure);
        $below = array_search('sump-look', $ids, true);
        if (false !== $below) {
            self::assertLessThan($below, array_search('power-off', $ids, true));
            self::assertGreaterThan($below, array_search('power-on', $ids, true));
        }
        foreach ($procedure->steps as $step) {
            if (in_array($step->id, ['sump-look', 'power-off'], true)) {
                self::assertContains('power-off', $step->cautions);
            }
        }
        self::assertSame(in_array('power-off', $ids, true), in_array('power-on', $ids, true));
    }

    #[DataProvider('procedures')]
    public function test_soap_stays_in_the_sink_and_is_rinsed_to_nothing_before_refitting(Procedure $procedure): void
    {
        $wrong = [];
        foreach ($procedure->steps as $place => $step) {
            foreach ($step->amounts as $amount) {
                $later = array_slice($procedure->steps, $place);
                $rinsed = array_filter($later, static fn (Step $s): bool => $amount->vessel === $s->clears?->vessel);
                $warned = array_filter($later, static fn (Step $s): bool => in_array('foam', $s->cautions, true));
                if ('tub' === $amount->vessel || ('dish-soap' === $amount->agent && ([] === $rinsed || [] === $warned))) {
                    $wrong[] = $step->id;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    #[DataProvider('procedures')]
    public function test_vinegar_comes_with_its_warning_and_its_rinse_and_bleach_never_comes(Procedure $procedure): void
    {
        $wrong = [];
        foreach ($procedure->steps as $place => $step) {
            foreach ($step->amounts as $amount) {
                $rinsed = array_filter(array_slice($procedure->steps, $place), static fn (Step $s): bool => $amount->vessel === $s->clears?->vessel);
                $vinegar = 'white-vinegar' === $amount->agent;
                if (str_contains($amount->agent, 'bleach') || ($vinegar && ([] === $rinsed || !in_array('acid-apart', $step->cautions, true)))) {
                    $wrong[] = $step->id;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    #[DataProvider('procedures')]
    public function test_a_filter_that_was_out_is_pulled_on_after_it_went_back(Procedure $procedure): void
    {
        $out = $tested = null;
        foreach ($procedure->steps as $place => $step) {
            $out = 'filter' === $step->putsBack ? $place : $out;
            $tested = 'lock-test' === $step->capture?->check && $step->mustPass ? $place : $tested;
        }
        self::assertSame(null === $out, null === $tested);
        self::assertTrue(null === $out || $tested > $out);
    }

    #[DataProvider('procedures')]
    public function test_what_is_found_is_graded_before_anything_is_washed_and_every_wait_is_ended(Procedure $procedure): void
    {
        $graded = null;
        foreach ($procedure->steps as $place => $step) {
            if (CaptureKind::Grade === $step->capture?->kind && 'found' === $step->capture->means) {
                $graded ??= $place;
            }
            if (in_array($step->id, ['scrape', 'soak', 'brush', 'rinse', 'tap-rinse'], true)) {
                self::assertNotNull($graded);
            }
            if (null !== $step->timer) {
                $ending = array_filter(array_slice($procedure->steps, $place + 1), static fn (Step $s): bool => $s->waitsFor === $step->id);
                self::assertCount(1, $ending, "the wait of $step->id is ended once");
            }
        }
        self::assertNotNull($graded);
    }

    #[DataProvider('procedures')]
    public function test_words_fit_a_phone_and_say_one_thing(Procedure $procedure): void
    {
        foreach ($procedure->steps as $step) {
            self::assertLessThanOrEqual(52, mb_strlen($step->title), $step->title);
            self::assertLessThanOrEqual(180, mb_strlen($step->say), $step->say);
            self::assertMatchesRegularExpression('/[.?]$/', $step->title);
            self::assertGreaterThan(0, $step->hands->value);
        }
    }

    public function test_schools_rise_from_often_to_seldom_and_lie_within_the_bounds(): void
    {
        foreach (self::handbook()->kind('dishwasher')->tasks as $task) {
            $days = array_values(array_map(static fn ($school): float => $school->days, $task->schools));
            $sorted = $days;
            sort($sorted);
            self::assertSame($sorted, $days);
            foreach ($task->clocks as $clock) {
                if ('days' === $clock->unit) {
                    self::assertGreaterThanOrEqual($clock->least, $days[0]);
                    self::assertLessThanOrEqual($clock->most, end($days));
                }
            }
        }
    }

    public function test_grades_rise_and_the_clean_by_line_is_one_of_them(): void
    {
        $fractions = array_map(static fn ($grade): float => $grade->fraction->value, self::handbook()->grades());
        $sorted = $fractions;
        sort($sorted);

        self::assertSame($sorted, $fractions);
        self::assertSame(0.0, $fractions[0]);
        self::assertContains(self::handbook()->rhythmModel()->cleanBy, $fractions, 'a person can tell when it is time');
    }
}
