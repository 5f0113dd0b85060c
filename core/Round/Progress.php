<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Capture;
use GoodRinse\Core\Handbook\CaptureKind;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Handbook\Step;

/**
 * How far a round is: which steps apply, what is off the machine, what is still waited for.
 *
 * Everything follows from the procedure and the ticks; a step ticked again counts as ticked last.
 */
final readonly class Progress
{
    /** @var array<string, Tick> newest tick of each step */
    private array $ticks;

    /** @var array<string, string> answers by capture */
    public array $answers;

    /**
     * @param Procedure  $procedure fitted to the machine
     * @param list<Tick> $ticks     in the order they were made
     */
    public function __construct(private Procedure $procedure, array $ticks)
    {
        $newest = [];
        foreach ($ticks as $tick) {
            $newest[$tick->step] = $tick;
        }
        $answers = [];
        foreach ($procedure->steps as $step) {
            $answer = ($newest[$step->id] ?? null)?->answer;
            if (null !== $step->capture && null !== $answer && $step->if->holds($answers)) {
                $answers[$step->capture->id] = $answer;
            }
        }
        $this->ticks = $newest;
        $this->answers = $answers;
    }

    /**
     * The steps that apply with the answers so far, in order.
     *
     * @param array<string, string> $assumed answers to count on where none was given yet
     *
     * @return list<Step>
     */
    public function steps(array $assumed = []): array
    {
        $answers = $this->answers + $assumed;

        return array_values(array_filter($this->procedure->steps, static fn (Step $step): bool => $step->if->holds($answers)));
    }

    public function isDone(Step $step): bool
    {
        $tick = $this->tick($step);

        return null !== $tick && ($tick->overruled || null === $step->capture || $step->capture->passes($tick->answer ?? ''));
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
                return $step->if->holds($this->answers) ? $step : throw CannotTick::notItsTurn($step->short);
            }
        }

        throw CannotTick::unknownStep($id);
    }

    /**
     * Checks that a step may be marked done with this answer.
     *
     * @throws CannotTick
     */
    public function admit(string $stepId, ?string $answer): Step
    {
        $step = $this->step($stepId);
        if (null !== $step->capture) {
            if (null === $answer) {
                throw CannotTick::answerMissing($step->capture->ask);
            }
            if (!$step->capture->accepts($answer)) {
                throw CannotTick::answerUnknown($step->capture->ask);
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

        return null === $step->timer || null === $tick ? null : new RunningTimer($step->id, $step->timer->label, $tick->at, $step->timer->lasts($this->answers));
    }

    /** @return list<string> parts taken off and not yet put back, in the order they came off */
    public function tray(): array
    {
        $tray = [];
        foreach ($this->steps() as $step) {
            if ($this->isDone($step)) {
                if (null !== $step->takesOff) {
                    $tray[] = $step->takesOff;
                }
                $tray = array_values(array_diff($tray, [$step->putsBack]));
            }
        }

        return $tray;
    }

    /** The confirmation that the current step was answered with a no to. */
    public function failed(): ?Capture
    {
        $current = $this->current();
        $tick = null === $current ? null : $this->tick($current);

        return null !== $tick?->answer && CaptureKind::Confirm === $current->capture?->kind ? $current->capture : null;
    }

    /** @return list<OpenEnd> what would be left undone if the round ended now */
    public function openEnds(): array
    {
        $ends = array_map(static fn (string $part): OpenEnd => new OpenEnd(OpenEnd::PART_OFF, $part), $this->tray());
        $opened = false;
        foreach ($this->steps() as $step) {
            $opened = $opened || (null !== $step->takesOff && $this->isDone($step));
            $tick = $this->tick($step);
            if ($opened && $step->mustPass && null !== $step->capture && !$step->capture->passes($tick->answer ?? '')) {
                $ends[] = new OpenEnd(null === $tick ? OpenEnd::NOT_TESTED : OpenEnd::FAILED, (string) $step->capture->check);
            }
        }

        return $ends;
    }
}
