<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Whatever a household writes, on whatever machine, is a care task like the others and changes none of them. */
final class OwnTaskLawsTest extends CoreTestCase
{
    private const WORDS = ['Wipe', 'the', 'rubber', 'ledge.', 'Use', 'hot', 'water!', 'vacuum', '½', '{name}', '"quoted"', 'then', 'dry'];

    /** @return iterable<string, array{string, int}> */
    public static function households(): iterable
    {
        foreach (array_keys(self::handbook()->kindNames()) as $kind) {
            foreach (range(1, 12) as $seed) {
                yield "$kind, household $seed" => [$kind, $seed];
            }
        }
    }

    #[DataProvider('households')]
    public function test_it_is_kept_and_read_back(string $kind, int $seed): void
    {
        $own = self::tasks($kind, new Dice($seed));

        self::assertEquals($own, OwnTasks::read((array) json_decode((string) json_encode($own->toArray()), true)));
    }

    #[DataProvider('households')]
    public function test_the_handbook_s_own_tasks_and_procedures_stay_as_they_are(string $kind, int $seed): void
    {
        $own = self::tasks($kind, new Dice($seed));
        $plain = self::handbook()->kind($kind);
        $more = self::handbook()->kind($kind, $own);

        self::assertEquals($plain->tasks(), array_diff_key($more->tasks(), $own->tasks));
        self::assertSame(array_keys($plain->tasks() + $own->tasks), array_keys($more->tasks()));
        foreach (array_keys($plain->procedureNames) as $procedure) {
            self::assertEquals($plain->procedures->procedure($procedure), $more->procedures->procedure($procedure));
        }
        self::assertSame($plain, self::handbook()->kind($kind), 'another machine of the kind has none of them');
    }

    #[DataProvider('households')]
    public function test_one_that_was_given_up_keeps_its_name_and_asks_for_nothing(string $kind, int $seed): void
    {
        $own = self::tasks($kind, new Dice($seed));
        $more = self::handbook()->kind($kind, $own);
        $asked = array_keys(array_filter($more->tasksFor([]), static fn (CareTask $task): bool => isset($own->tasks[$task->id])));

        self::assertSame(array_keys($own->current()), $asked);
        foreach ($own->tasks as $task) {
            self::assertSame($task->title, $more->task($task->id)->name);
        }
    }

    #[DataProvider('households')]
    public function test_its_round_is_its_lines_in_their_order_and_takes_what_was_said(string $kind, int $seed): void
    {
        $own = self::tasks($kind, new Dice($seed));
        $more = self::handbook()->kind($kind, $own);
        foreach ($own->current() as $task) {
            $set = ProcedureSet::of($task->id);
            $composed = (new Composer(self::handbook()))->compose($more, $set, new Circumstances([], true));
            self::assertNotNull($composed->procedure);
            $small = new Handbook(self::handbook()->excerpt($kind, $set, $composed->binding, $own));
            $round = $small->kind($kind)->procedures->only();
            $work = array_values(array_filter($round->steps, static fn (Step $step): bool => !$step->kit && null === $step->capture));

            self::assertSame(array_map(self::squeezed(...), $task->lines), array_map(self::written(...), $work));
            self::assertSame($task->minutes, (int) ceil(Estimate::of($round, Expectation::of($round, $small, []))->hands->value));
            self::assertSame(
                $task->needs,
                array_map($small->kitName(...), $work[0]->tools),
            );
            self::assertCount(count($round->steps), array_unique(array_column($round->steps, 'id')));
            self::assertSame(null === $task->scale ? $task->id : null, $round->steps[count($round->steps) - 1]->marks);
            self::assertSame($task->scale, null === $task->scale ? null : $more->procedures->scaleOf($task->id, []));
        }
    }

    #[DataProvider('households')]
    public function test_its_learned_interval_is_held_around_what_the_household_set(string $kind, int $seed): void
    {
        $own = self::tasks($kind, new Dice($seed));
        foreach (self::handbook()->kind($kind, $own)->tasks() as $id => $care) {
            $task = $own->task($id);
            if (null !== $task) {
                self::assertCount(1, $care->clocks);
                self::assertSame($task->unit, $care->clocks[0]->unit);
                self::assertLessThanOrEqual($task->every, $care->clocks[0]->least);
                self::assertGreaterThanOrEqual($task->every, $care->clocks[0]->most);
                $school = $care->school(null);
                self::assertEqualsWithDelta($task->every, $task->isByDays() ? $school->days : $school->uses, 1e-9);
            }
        }
    }

    private static function tasks(string $kind, Dice $dice): OwnTasks
    {
        $scales = [null, 'mesh', 'grease', 'crust'];
        $tasks = [];
        for ($i = 0, $count = $dice->between(1, 4); $i < $count; ++$i) {
            $id = OwnTask::PREFIX."task-$i";
            $lines = [self::line($dice)];
            for ($more = $dice->between(0, 11); $more > 0; --$more) {
                $lines[] = 1 === $dice->between(1, 6) ? $lines[0] : self::line($dice); // the same line may come twice
            }
            $tasks[$id] = new OwnTask(
                $id,
                self::line($dice),
                1 === $dice->between(0, 1) ? 'Ledge' : null,
                $lines,
                $dice->between(1, OwnTask::MOST_MINUTES),
                $dice->between(1, OwnTask::MOST_EVERY),
                1 === $dice->between(0, 1) ? OwnTask::DAYS : self::handbook()->kind($kind)->useUnit,
                $scales[$dice->between(0, 3)],
                array_map(static fn (): string => self::line($dice), array_fill(0, $dice->between(0, 3), 0)),
                Day::of('2026-01-01')->plus($dice->between(0, 300)),
                $i > 0 && 1 === $dice->between(1, 3),
            );
        }

        return new OwnTasks($tasks);
    }

    private static function line(Dice $dice): string
    {
        $words = [];
        for ($i = $dice->between(1, 9); $i > 0; --$i) {
            $words[] = self::WORDS[$dice->between(0, count(self::WORDS) - 1)];
        }

        return implode(' ', $words);
    }

    /** A step as the household wrote it. */
    private static function written(Step $step): string
    {
        return self::squeezed("$step->title $step->instruction");
    }

    private static function squeezed(string $text): string
    {
        return trim((string) preg_replace('/\s+/', ' ', $text));
    }
}
