<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Minutes;

/**
 * How far a round is: which steps apply, what is off the machine, what is still waited for.
 *
 * Everything follows from the procedure and the ticks; a step ticked again counts as ticked last.
 */
final readonly class Progress
{
    /** @var list<Tick> in the order in which they happened */
    public array $made;

    /** @var array<string, Tick> newest tick of each step */
    private array $ticks;

    /** @var array<string, int> how often each step was answered so that it did not pass */
    private array $failures;

    /** @var array<string, string> answers by capture */
    public array $answers;

    /**
     * @param Procedure $procedure fitted to the machine
     * @param list<Tick> $made ticks in the order they arrived; what happened last counts
     */
    public function __construct(public Procedure $procedure, array $made)
    {
        $this->made = Tick::inOrder($made);
        $newest = $failures = [];
        foreach ($this->made as $tick) {
            $newest[$tick->step] = $tick;
        }
        $answers = [];
        foreach ($procedure->steps as $step) {
            $tick = $newest[$step->id] ?? null;
            $answer = Tick::DONE === $tick?->how ? $tick->answer : null;
            if (null !== $step->capture) {
                $failures[$step->id] = count(
                    array_filter(
                        $this->made,
                        static fn (Tick $each): bool => $each->step === $step->id
                            && null !== $each->answer
                            && !$step->capture->passes($each->answer),
                    ),
                );
            }
            if (null !== $step->capture && null !== $answer && $step->if->holds($answers)) {
                $answers[$step->capture->id] = $answer;
                if (null !== $step->capture->also && null !== $tick->details->also) {
                    $answers[$step->capture->also->id] = $tick->details->also;
                }
            }
        }
        $this->ticks = $newest;
        $this->failures = $failures;
        $this->answers = $answers;
    }

    /** The same with one more tick. */
    public function with(Tick $tick): self
    {
        return new self($this->procedure, [...$this->made, $tick]);
    }

    /**
     * The steps that apply with the answers so far, in order. What was left on need not be put back, nor tested.
     *
     * @param array<string, string> $assumed answers to count on where none was given yet
     *
     * @return list<Step>
     */
    public function steps(array $assumed = []): array
    {
        $answers = $this->answers + $assumed;

        return array_values(array_filter(
            $this->procedure->steps,
            fn (Step $step): bool => $step->if->holds($answers) && !$this->isLeftOn($step->putsBack) && !$this->isUntouched($step),
        ));
    }

    /** The step before this one, or the last one for null; null when there is none. */
    public function before(?Step $step): ?Step
    {
        $before = null;
        foreach ($this->steps() as $each) {
            if ($each === $step) {
                return $before;
            }
            $before = $each;
        }

        return null === $step ? $before : null;
    }

    /** Whether a part was to come off and was left on. */
    private function isLeftOn(?string $part): bool
    {
        $offs = null === $part
            ? []
            : array_filter($this->procedure->steps, fn (Step $step): bool => $step->takesOff === $part && isset($this->ticks[$step->id]));

        return [] !== $offs && [] === array_filter($offs, fn (Step $step): bool => Tick::SKIPPED !== $this->ticks[$step->id]->how);
    }

    /** Whether everything that it tests was left on. */
    private function isUntouched(Step $step): bool
    {
        return [] !== $step->tests && [] === array_filter(
            $step->tests,
            fn (string $part): bool => $this->comesOff($part) && !$this->isLeftOn($part),
        );
    }

    private function comesOff(string $part): bool
    {
        return [] !== array_filter($this->procedure->steps, static fn (Step $step): bool => $step->takesOff === $part);
    }

    public function isDone(Step $step): bool
    {
        $tick = $this->tick($step);

        return null !== $tick && Tick::COUNTING !== $tick->how && (
            Tick::SKIPPED === $tick->how
            || ($tick->overruled && !$step->gate)
            || null === $step->capture
            || $step->capture->passes($tick->answer ?? '')
        );
    }

    public function isSkipped(Step $step): bool
    {
        return Tick::SKIPPED === $this->tick($step)?->how;
    }

    /** How often a step was answered so that it did not pass. */
    public function failures(Step $step): int
    {
        return $this->failures[$step->id] ?? 0;
    }

    /** @return list<Tick> of a step, in the order in which they happened */
    public function ticksOf(string $step): array
    {
        return array_values(array_filter($this->made, static fn (Tick $tick): bool => $tick->step === $step));
    }

    /** When the last thing happened; null before the first. */
    public function lastAt(): ?\DateTimeImmutable
    {
        return [] === $this->made ? null : $this->made[count($this->made) - 1]->at;
    }

    public function tick(Step $step): ?Tick
    {
        return $this->ticks[$step->id] ?? null;
    }

    /** The first step not done; null when all are. */
    public function current(): ?Step
    {
        foreach ($this->steps() as $step) {
            if (!$this->isDone($step)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * The step of that id, when it applies.
     *
     * @throws CannotTick when the round has no such step or it does not come up
     */
    public function step(string $id): Step
    {
        foreach ($this->procedure->steps as $step) {
            if ($step->id === $id) {
                return in_array($step, $this->steps(), true) ? $step : throw CannotTick::notItsTurn($step->short);
            }
        }

        throw CannotTick::unknownStep($id);
    }

    /**
     * Checks that a step may be marked so with this answer.
     *
     * @param string $how one of Tick's constants
     * @param bool $overruled the person goes on although the answer does not pass
     *
     * @throws CannotTick
     */
    public function admit(string $stepId, ?string $answer, string $how = Tick::DONE, bool $overruled = false): Step
    {
        $step = $this->step($stepId);
        if (Tick::SKIPPED === $how) {
            return $step->gate ? throw CannotTick::mustBeDone($step->short) : $step;
        }
        if (null !== $step->capture) {
            if (null === $answer) {
                throw CannotTick::answerMissing($step->capture->ask);
            }
            if (!$step->capture->accepts($answer)) {
                throw CaptureKind::Grade === $step->capture->kind
                    ? CannotTick::notOfItsScale($step->capture->ask)
                    : CannotTick::answerUnknown($step->capture->ask);
            }
            if ($step->gate && $overruled && !$step->capture->passes($answer)) {
                throw CannotTick::notPassed($step->capture->ask);
            }
        }

        return $step;
    }

    /** @return list<RunningTimer> those whose wait nobody has ended yet */
    public function timers(): array
    {
        $ended = [];
        foreach ($this->steps() as $step) {
            if (null !== $step->waitsFor && $this->isDone($step)) {
                $ended[] = $step->waitsFor;
            }
        }

        return array_values(array_filter(array_map(
            fn (Step $step): ?RunningTimer => in_array($step->id, $ended, true) ? null : $this->timer($step),
            $this->steps(),
        )));
    }

    /** The wait that a step started; null when it has none or is not done. */
    public function timer(Step $step): ?RunningTimer
    {
        $tick = $this->tick($step);

        return null === $step->timer || null === $tick || Tick::DONE !== $tick->how ? null : new RunningTimer(
            step: $step->id,
            label: $step->timer->label,
            startedAt: $tick->at,
            lasts: null === $tick->details->wait ? $step->timer->lasts($this->answers) : Minutes::of($tick->details->wait),
            most: $step->timer->most,
            late: $step->timer->late,
            ends: $step->timer->ends,
            runs: $step->timer->machine,
            open: 0.0 === $tick->details->wait,
        );
    }

    /** @return list<string> parts taken off and not yet put back, in the order they came off */
    public function tray(): array
    {
        return $this->apart()->off;
    }

    /** What is off, and what did not go by the book. */
    public function apart(): Tray
    {
        $off = $leftOn = $early = $leftOver = [];
        $current = $this->current();
        $turn = null === $current ? PHP_INT_MAX : (int) array_search($current, $this->steps(), true);
        foreach ($this->procedure->steps as $step) {
            if (null !== $step->takesOff && $this->isSkipped($step)) {
                $leftOn[] = $step->takesOff;
            }
        }
        foreach ($this->steps() as $i => $step) {
            if ($this->isDone($step) && !$this->isSkipped($step)) {
                if (null !== $step->takesOff) {
                    $off[] = $step->takesOff;
                }
                if (null !== $step->putsBack) {
                    $off = array_values(array_diff($off, [$step->putsBack]));
                    $leftOver[$step->putsBack] = $this->tick($step)->details->leftOver ?? [];
                    $early = $i > $turn ? [...$early, $step->putsBack] : $early;
                }
            }
        }

        return new Tray($off, $leftOn, $early, array_filter($leftOver));
    }

    /** The step that puts a part back, as long as that is still to be done; null when it is not off. */
    public function stepBack(string $part): ?Step
    {
        foreach (in_array($part, $this->tray(), true) ? $this->steps() : [] as $step) {
            if ($step->putsBack === $part) {
                return $step;
            }
        }

        return null;
    }

    /** The confirmation that the current step was answered with a no to. */
    public function failed(): ?Capture
    {
        $current = $this->current();
        $tick = null === $current ? null : $this->tick($current);

        return null !== $tick?->answer && CaptureKind::Confirm === $current->capture?->kind ? $current->capture : null;
    }
}
