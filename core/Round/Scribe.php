<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Amount;
use GoodRinse\Core\Handbook\Capture;
use GoodRinse\Core\Handbook\CaptureKind;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Logbook\Check;
use GoodRinse\Core\Logbook\Clearing;
use GoodRinse\Core\Logbook\Dose;
use GoodRinse\Core\Logbook\Note;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Logbook\PartFitted;
use GoodRinse\Core\Logbook\Payload;
use GoodRinse\Core\Logbook\Reading;
use GoodRinse\Core\Quantity\Fraction;

/** Says what a tick means for the logbook. */
final readonly class Scribe
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * What happened in the world when a step was marked done.
     *
     * @param Progress $progress the round with this tick in it
     *
     * @return list<Payload>
     */
    public function write(Step $step, Tick $tick, Progress $progress): array
    {
        if (Tick::DONE !== $tick->how) {
            return [];
        }
        $said = $tick->details->readings;
        if (null !== $step->capture && null !== $tick->answer) {
            $said[] = $this->answer($step->capture, $tick->answer, $progress);
        }
        if (CaptureKind::Confirm === $step->capture?->kind && null !== $step->capture->reading && $step->capture->passes($tick->answer ?? '')) {
            $said[] = new Reading($step->capture->reading, (float) ($step->capture->from + $progress->failures($step)));
        }
        if (null === $step->capture || $step->capture->passes($tick->answer ?? '')) {
            array_push($said, ...$this->doses($step, $tick));
            if (null !== $step->clears) {
                $said[] = new Clearing($step->clears->vessel, $step->clears->by);
            }
            if (null !== $step->fits) {
                $said[] = new PartFitted($step->fits);
            }
            if (null !== $step->marks) {
                $said[] = $this->opening($step->marks, $progress);
            }
        }

        return $said;
    }

    /** @return list<Dose> */
    private function doses(Step $step, Tick $tick): array
    {
        return $tick->share <= 0 ? [] : array_map(
            static fn (Amount $amount): Dose => new Dose($amount->agent, $amount->vessel, $amount->portion->times($tick->share), null === $amount->strength ? null : $tick->strength ?? $amount->strength),
            $step->amounts,
        );
    }

    private function answer(Capture $capture, string $answer, Progress $progress): Payload
    {
        return match ($capture->kind) {
            CaptureKind::Grade => $this->opening((string) $capture->of, $progress),
            CaptureKind::Confirm => new Check((string) $capture->check, $answer, $capture->passes($answer)),
            CaptureKind::Tally => new Reading((string) $capture->reading, (float) $answer),
            CaptureKind::Choice => new Note(sprintf('%s %s.', $capture->ask, $capture->option($answer)->name)),
        };
    }

    /**
     * The opening as far as it has been told: found as first graded, left as last graded, or with nothing in
     * place once the step is done that marks the task. A part that was only looked at is left as found, and
     * nobody leaves more in place than was found. Null as found where nothing was graded.
     */
    private function opening(string $task, Progress $progress): Opening
    {
        $found = $left = null;
        $how = Opening::BY_GRADE;
        foreach ($progress->steps() as $step) {
            $tick = $progress->tick($step);
            if ($step->marks === $task && Tick::DONE === $tick?->how && (null === $step->capture || $step->capture->passes($tick->answer ?? ''))) {
                $left = Fraction::none();
                $how = null === $found ? Opening::DONE : $how;
            }
            $answer = CaptureKind::Grade === $step->capture?->kind && $step->capture->of === $task ? $progress->answers[$step->capture->id] ?? null : null;
            if (null !== $answer) {
                $counted = $this->counted($step, $tick?->details);
                $left = $counted ?? $this->handbook->grade($answer)->fraction;
                $found ??= $left;
                $how = null === $counted ? $how : Opening::COUNTED;
            }
        }
        if (null === $found) {
            return new Opening($task, null, $left ?? Fraction::none(), $how);
        }

        return new Opening($task, $found, null === $left || $left->value > $found->value ? $found : $left, $how);
    }

    /**
     * The share that is shut by count, over everything that was counted at a step; null when nothing was.
     *
     * @return Fraction|null at most what the rhythm reckons with
     */
    public function counted(Step $step, ?TickDetails $details): ?Fraction
    {
        $shut = $all = 0.0;
        foreach ($step->capture->count ?? [] as $row) {
            $reading = $details?->reading($row->reading);
            $shut += $reading->number ?? 0.0;
            $all += $reading->of ?? 0.0;
        }

        return $all > 0 ? Fraction::of(min($shut / $all, 1.0)) : null;
    }
}
