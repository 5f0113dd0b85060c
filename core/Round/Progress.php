<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;

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

    /** @var array<string, string> answers by capture */
    public array $answers;

    /**
     * @param Procedure $procedure fitted to the machine
     * @param list<Tick> $made ticks in the order they arrived; what happened last counts
     */
    public function __construct(public Procedure $procedure, array $made)
    {
        $this->made = Tick::inOrder($made);
        $newest = [];
        foreach ($this->made as $tick) {
            $newest[$tick->step] = $tick;
        }
        $answers = [];
        foreach ($procedure->steps as $step) {
            $tick = $newest[$step->id] ?? null;
            $answer = Tick::DONE === $tick?->how ? $tick->answer : null;
            if (null !== $step->capture && null !== $answer && $step->if->holds($answers)) {
                $answers[$step->capture->id] = $answer;
                if (null !== $step->capture->also && null !== $tick->details->also) {
                    $answers[$step->capture->also->id] = $tick->details->also;
                }
            }
        }
        $this->ticks = $newest;
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
        $leftOn = new PartsLeftOn($this->procedure, $this->ticks);

        return array_values(array_filter(
            $this->procedure->steps,
            static fn (Step $step): bool => $step->if->holds($answers) && !$leftOn->has($step->putsBack) && !$leftOn->areAllTestedBy($step),
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
        $failed = static fn (Tick $tick): bool => null !== $tick->answer && true !== $step->capture?->passes($tick->answer);

        return null === $step->capture ? 0 : count(array_filter($this->ticksOf($step->id), $failed));
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
        Admission::check($step, $answer, $how, $overruled);

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

        return null === $step->timer
            || Tick::DONE !== $tick?->how ? null : RunningTimer::of($step->id, $step->timer, $tick, $this->answers);
    }

    /** @return list<string> parts taken off and not yet put back, in the order they came off */
    public function tray(): array
    {
        return $this->apart()->off;
    }

    /** What is off, and what did not go by the book. */
    public function apart(): Tray
    {
        return Tray::of($this);
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
