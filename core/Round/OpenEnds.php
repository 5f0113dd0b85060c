<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Step;

/** What is apart, left over or untested at this point of a round. */
final readonly class OpenEnds
{
    public function __construct(private Progress $progress)
    {
    }

    /** @return list<OpenEnd> what would be left undone if the round ended now */
    public function now(): array
    {
        $tray = $this->progress->apart();
        $ends = [
            ...array_map(static fn (string $part): OpenEnd => new OpenEnd(OpenEnd::PART_OFF, $part), $tray->off),
            ...array_map(static fn (string $part): OpenEnd => new OpenEnd(OpenEnd::LEFT_OVER, $part), array_keys($tray->leftOver)),
        ];
        $touched = false;
        foreach ($this->progress->steps() as $step) {
            $tick = $this->progress->tick($step);
            $isUndone = null === $tick || Tick::COUNTING === $tick->how;
            if ($this->isOpen($step, $tick) && (!$isUndone || ($step->mustPass && $touched))) {
                $ends[] = new OpenEnd(match (true) {
                    $isUndone, Tick::SKIPPED === $tick->how => OpenEnd::NOT_TESTED,
                    default => OpenEnd::FAILED,
                }, (string) $step->capture?->check);
            }
            $touched = $touched || (
                !$isUndone
                && Tick::DONE === $tick->how
                && (null !== $step->takesOff || [] !== $step->amounts || $step->runsTheMachine())
            );
        }

        return $ends;
    }

    /**
     * What is not as it must be before a step runs the machine: a part it needs is off, or back and not tested.
     *
     * @param list<string> $needed parts the machine must not run without
     *
     * @return list<OpenEnd>
     */
    public function beforeRunning(Step $step, array $needed): array
    {
        if (!$step->runsTheMachine()) {
            return [];
        }
        $tests = [];
        foreach ($this->progress->steps() as $each) {
            if ($each === $step) {
                break;
            }
            if ($each->mustPass && in_array($each->part, $needed, true)) {
                $tests[] = (string) $each->capture?->check;
            }
        }

        return array_values(array_filter(
            $this->now(),
            static fn (OpenEnd $end): bool => in_array($end->what, OpenEnd::PART_OFF === $end->kind ? $needed : $tests, true),
        ));
    }

    /** Whether a check did not pass: one that must, or one that was answered so and left so. */
    private function isOpen(Step $step, ?Tick $tick): bool
    {
        $answer = Tick::DONE === $tick?->how ? $tick->answer : null;
        if (null === $step->capture?->check || $step->capture->passes($answer ?? '')) {
            return false;
        }

        return $step->mustPass || null !== $answer;
    }

    /** Whether this round has put right what an earlier one left open. */
    public function putsRight(OpenEnd $end): bool
    {
        foreach ($this->progress->steps() as $step) {
            $did = $this->progress->isDone($step)
                && !$this->progress->isSkipped($step)
                && true !== $this->progress->tick($step)?->overruled;
            $about = in_array($end->kind, [OpenEnd::PART_OFF, OpenEnd::LEFT_OVER], true) ? $step->putsBack : $step->capture?->check;
            if ($did && $about === $end->what) {
                return true;
            }
        }

        return false;
    }
}
