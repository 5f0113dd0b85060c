<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Handbook\Care\School;
use GoodRinse\Core\Handbook\Procedure\Step;
use Tests\Core\CoreTestCase;

/** Schools, grades and traits of the handbook hold together. */
final class CareScalesTest extends CoreTestCase
{
    use KnownMachines;

    public function test_every_trait_shows_itself_at_some_step(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $id) {
            $kind = self::handbook()->kind($id);
            $shown = [];
            foreach (array_keys($kind->procedureNames) as $procedure) {
                array_push(
                    $shown,
                    ...array_merge(
                        ...array_map(static fn (Step $step): array => $step->asks, $kind->procedures->procedure($procedure)->steps),
                    ),
                );
            }
            foreach (self::machines($kind) as $traits) {
                $sheet = new TakeApartSheet($kind, $traits);
                array_push(
                    $shown,
                    ...array_merge(...array_map(static fn (SheetLine $line): array => $line->traits(), array_values($sheet->lines()))),
                );
            }
            self::assertSame([], array_diff(array_keys($kind->traits()), $shown), "what nobody knows of a $id is asked some day");
        }
    }

    public function test_schools_rise_from_often_to_seldom_and_lie_within_the_bounds(): void
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            foreach (self::handbook()->kind($kind)->tasks() as $task) {
                $days = array_values(array_filter(array_map(static fn (School $school): ?float => $school->days, $task->schools)));
                $sorted = $days;
                sort($sorted);
                self::assertTrue($sorted === $days || array_reverse($sorted) === $days, "schools of $task->id of a $kind rise or fall");
                foreach ($task->clocks as $clock) {
                    if ('days' === $clock->unit && [] !== $days) {
                        self::assertGreaterThanOrEqual($clock->least, min($days), "$task->id of a $kind");
                        self::assertLessThanOrEqual($clock->most, max($days), "$task->id of a $kind");
                    }
                }
            }
        }
    }

    public function test_grades_rise_and_the_clean_by_line_is_one_of_them(): void
    {
        $fractions = array_map(static fn ($grade): float => $grade->fraction->value, self::handbook()->scales()->scale('mesh')->grades);
        $sorted = $fractions;
        sort($sorted);

        self::assertSame($sorted, $fractions);
        self::assertSame(0.0, $fractions[0]);
        self::assertContains(self::handbook()->rhythmModel()->cleanBy, $fractions, 'a person can tell when it is time');
    }
}
