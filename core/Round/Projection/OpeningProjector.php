<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Projection;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;

/**
 * The opening that a round makes of each care task: found as it was first judged, left as it was judged last, or with
 * nothing in place once the step is done that marks the task. A part that was only looked at is left as found, and
 * nobody leaves more in place than was found. Who did not look and cleaned nothing has made no opening.
 *
 * @internal to this folder
 */
final readonly class OpeningProjector
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @return list<ProjectedEntry> one for each care task at most */
    public function project(Progress $progress): array
    {
        $steps = [];
        foreach ($progress->steps() as $step) {
            $tick = $progress->tick($step);
            if (Tick::DONE !== $tick?->how) {
                continue;
            }
            if (CaptureKind::Grade === $step->capture?->kind) {
                $steps[(string) $step->capture->of][$step->id] = $step;
            }
            if (null !== $step->marks && (null === $step->capture || $step->capture->passes($tick->answer ?? ''))) {
                $steps[$step->marks][$step->id] = $step;
            }
        }

        return array_values(array_filter(array_map(
            fn (string|int $task, array $steps): ?ProjectedEntry => $this->opening((string) $task, array_values($steps), $progress),
            array_keys($steps),
            $steps,
        )));
    }

    /** @param list<Step> $steps that say something of the task, in order */
    private function opening(string $task, array $steps, Progress $progress): ?ProjectedEntry
    {
        $found = $left = null;
        $how = Opening::DONE;
        foreach ($steps as $step) {
            if ($step->marks === $task) {
                $left = Fraction::none();
            }
            $graded = CaptureKind::Grade === $step->capture?->kind && $step->capture->of === $task ? $this->graded($step, $progress) : null;
            if (null === $graded) {
                continue;
            }
            $isCounted = null !== EntryProjector::counted($step, $progress->tick($step)?->details);
            $how = $isCounted ? Opening::COUNTED : (Opening::COUNTED === $how ? $how : Opening::BY_GRADE);
            if ('left' === $step->capture->means) {
                $left = $graded;
            } else {
                $found ??= $graded;
            }
        }
        if (null === $found && null === $left) {
            return null;
        }
        $left = match (true) {
            null === $left => $found,
            null !== $found && $left->value > $found->value => $found,
            default => $left,
        };
        $ticks = array_merge(
            ...array_map(
                static fn (Step $step): array => array_values(
                    array_filter($progress->ticksOf($step->id), static fn (Tick $tick): bool => Tick::DONE === $tick->how),
                ),
                $steps,
            ),
        );
        $newest = Tick::inOrder($ticks);

        return new ProjectedEntry(
            $steps[0]->id,
            $steps[0]->part,
            $newest[0]->at,
            $newest[count($newest) - 1]->id,
            new Opening($task, $found, $left, $how),
        );
    }

    /** Null where nobody looked. */
    private function graded(Step $step, Progress $progress): ?Fraction
    {
        $tick = $progress->tick($step);
        $answer = $tick->answer ?? Capture::UNSEEN;

        return EntryProjector::counted($step, $tick?->details) ?? (
            Capture::UNSEEN === $answer ? null : $this->handbook->scales()->grade($answer)->fraction
        );
    }
}
