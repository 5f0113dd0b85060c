<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use Tests\Core\CoreTestCase;

/** Laws that hold whatever people tick, in whatever order, however often. */
final class ProgressLawsTest extends CoreTestCase
{
    use TestTrait;

    private static function procedure(): Procedure
    {
        static $procedure = null;

        return $procedure ??= self::fitted('dishwasher', 'filter-clean', ['tub' => 'plastic', 'filter' => 'twist-out', 'arms' => 'two']);
    }

    /**
     * Ticks that a round would admit, drawn from any numbers.
     *
     * @param list<int> $numbers
     *
     * @return list<Tick>
     */
    private static function ticks(array $numbers): array
    {
        $ticks = [];
        foreach ($numbers as $i => $number) {
            $step = self::procedure()->steps[$number % count(self::procedure()->steps)];
            $options = $step->capture->options ?? [];
            $answer = [] === $options ? null : $options[intdiv($number, 31) % count($options)]->id;
            try {
                (new Progress(self::procedure(), $ticks))->admit($step->id, $answer);
                $ticks[] = new Tick("t$i", $step->id, new \DateTimeImmutable("@$i"), $answer, 0 === $number % 5);
            } catch (CannotTick) {
                continue;
            }
        }

        return $ticks;
    }

    public function test_what_applies_follows_from_answers_that_apply(): void
    {
        $this->forAll(Generator\seq(Generator\choose(0, 5000)))->then(static function (array $numbers): void {
            $progress = new Progress(self::procedure(), self::ticks($numbers));
            foreach ($progress->steps() as $step) {
                self::assertTrue($step->if->holds($progress->answers));
            }
            $captures = array_filter(array_map(static fn ($step) => $step->capture?->id, $progress->steps()));
            self::assertSame([], array_diff(array_keys($progress->answers), $captures), 'no answer of a step that does not come up');
        });
    }

    public function test_the_current_step_is_the_first_that_is_not_done(): void
    {
        $this->forAll(Generator\seq(Generator\choose(0, 5000)))->then(static function (array $numbers): void {
            $progress = new Progress(self::procedure(), self::ticks($numbers));
            $current = $progress->current();
            foreach ($progress->steps() as $step) {
                if ($step === $current) {
                    break;
                }
                self::assertTrue($progress->isDone($step));
            }
            self::assertTrue(null === $current || !$progress->isDone($current));
        });
    }

    public function test_nothing_is_in_the_tray_twice_and_whatever_is_there_is_an_open_end(): void
    {
        $this->forAll(Generator\seq(Generator\choose(0, 5000)))->then(static function (array $numbers): void {
            $progress = new Progress(self::procedure(), self::ticks($numbers));
            $tray = $progress->tray();
            self::assertSame(array_values(array_unique($tray)), $tray);
            $off = array_filter((new OpenEnds($progress))->now(), static fn (OpenEnd $end): bool => OpenEnd::PART_OFF === $end->kind);
            self::assertSame($tray, array_values(array_map(static fn (OpenEnd $end): string => $end->what, $off)));
        });
    }

    public function test_ticking_the_same_again_changes_nothing(): void
    {
        $this->forAll(Generator\seq(Generator\choose(0, 5000)))->then(static function (array $numbers): void {
            $ticks = self::ticks($numbers);
            if ([] === $ticks) {
                self::assertNotNull((new Progress(self::procedure(), []))->current());

                return;
            }
            $once = new Progress(self::procedure(), $ticks);
            $twice = new Progress(self::procedure(), [...$ticks, $ticks[count($ticks) - 1]]);
            self::assertSame($once->answers, $twice->answers);
            self::assertSame($once->tray(), $twice->tray());
            self::assertSame($once->current()?->id, $twice->current()?->id);
        });
    }
}
