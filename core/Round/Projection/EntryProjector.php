<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Projection;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Amount;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Remark;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;

/**
 * Everything that a round says of the world: one pure function of its ticks.
 *
 * What was judged counts as long as its step comes up; what was poured, cleared or fitted has happened, and stays even
 * when an answer that was changed later takes its step out of the round.
 */
final readonly class EntryProjector
{
    private OpeningProjector $openings;

    public function __construct(Handbook $handbook)
    {
        $this->openings = new OpeningProjector($handbook);
    }

    /** @return list<ProjectedEntry> in the order of the steps */
    public function project(Progress $progress): array
    {
        $entries = [];
        $comesUp = array_fill_keys(array_map(static fn (Step $step): string => $step->id, $progress->steps()), true);
        foreach ($progress->procedure->steps as $step) {
            $tick = $progress->tick($step);
            if (null === $tick || Tick::DONE !== $tick->how) {
                continue;
            }
            $payload = isset($comesUp[$step->id])
                ? [...$this->judged($step, $tick, $progress), ...self::happened($step, $tick), ...$this->remarks($step, $tick, $progress)]
                : self::happened($step, $tick);
            foreach ($payload as $each) {
                $entries[] = new ProjectedEntry($step->id, $step->part, $tick->at, $tick->id, $each);
            }
        }

        return [...$entries, ...$this->openings->project($progress)];
    }

    /**
     * The share that is blocked by count, over everything that was counted or mapped at a step.
     *
     * @return Fraction|null 0 to 1; null when nothing was counted
     */
    public static function counted(Step $step, ?TickDetails $details): ?Fraction
    {
        if (null !== $details?->map) {
            return $details->map->blocked();
        }
        $shut = $all = 0.0;
        foreach ($step->capture->count ?? [] as $row) {
            $reading = $details?->reading($row->measurement);
            $shut += $reading->number ?? 0.0;
            $all += $reading->of ?? 0.0;
        }

        return $all > 0 ? Fraction::of(min($shut / $all, 1.0)) : null;
    }

    /** @return list<Payload> what was answered and measured */
    private function judged(Step $step, Tick $tick, Progress $progress): array
    {
        $measurements = [...$tick->details->readings, ...array_filter([$tick->details->map])];
        $capture = $step->capture;
        if (null !== $capture && null !== $tick->answer) {
            $isLight = null !== $step->putsOut && $capture->passes($tick->answer); // said by the light itself
            array_push(
                $measurements,
                ...array_filter([
                    $isLight ? null : $this->answer($capture, $tick->answer),
                    null === $capture->also ? null : $this->answer($capture->also, $tick->details->also ?? ''),
                ]),
            );
            if (CaptureKind::Confirm === $capture->kind && null !== $capture->measurement && $capture->passes($tick->answer)) {
                $measurements[] = new Measurement($capture->measurement, (float) ($capture->from + $progress->failures($step)));
            }
        }

        return $measurements;
    }

    private function answer(Capture $capture, string $answer): ?Payload
    {
        return match ($capture->kind) {
            CaptureKind::Grade => null,
            CaptureKind::Confirm => new Check((string) $capture->check, $answer, $capture->passes($answer)),
            CaptureKind::Tally => new Measurement((string) $capture->measurement, (float) $answer),
            CaptureKind::Choice => '' === $answer ? null : new Note(sprintf('%s %s.', $capture->ask, $capture->option($answer)->name)),
        };
    }

    /** @return list<Payload> what was poured, cleared and fitted */
    private static function happened(Step $step, Tick $tick): array
    {
        if (null !== $step->capture && !$step->capture->passes($tick->answer ?? '')) {
            return [];
        }

        return array_values(array_filter([
            ...self::doses($step, $tick),
            null === $step->clears ? null : new Clearing($step->clears->vessel, $step->clears->by),
            null === $step->fits ? null : new PartFitted($step->fits),
            null === $step->putsOut ? null : new IndicatorLight($step->putsOut, false),
        ]));
    }

    /** @return list<Dose> */
    private static function doses(Step $step, Tick $tick): array
    {
        return $tick->share <= 0 ? [] : array_map(
            static fn (Amount $amount): Dose => new Dose(
                $amount->agent,
                $amount->vessel,
                $amount->portion->times($tick->share),
                null === $amount->strength ? null : $tick->strength ?? $amount->strength,
            ),
            $step->amounts,
        );
    }

    /** @return list<Remark> what did not go by the book */
    private function remarks(Step $step, Tick $tick, Progress $progress): array
    {
        $measurements = [];
        if ([] !== $tick->details->missing) {
            $measurements[] = new Remark(Remark::BEGUN_WITHOUT, ['kit' => $tick->details->missing]);
        }
        if ([] !== $tick->details->leftOver) {
            $measurements[] = new Remark(Remark::LEFT_OVER, ['pieces' => $tick->details->leftOver, 'step' => $step->short]);
        }
        if (null !== $tick->details->despite) {
            $measurements[] = new Remark(Remark::RUN_ANYWAY, ['what' => $tick->details->despite]);
        }

        return [...$measurements, ...self::late($step, $tick, $progress)];
    }

    /** @return list<Remark> that a wait was longer than it may be */
    private static function late(Step $step, Tick $tick, Progress $progress): array
    {
        foreach ($progress->procedure->steps as $begun) {
            $late = $begun->id === $step->waitsFor ? $progress->timer($begun)?->lateness($tick->at) : null;
            if (true === $late?->harms) {
                $took = $tick->at->getTimestamp() - ($progress->tick($begun)?->at->getTimestamp() ?? 0);

                return [
                    new Remark(Remark::WAS_LATE, [
                        'label' => $begun->timer->label ?? '',
                        'minutes' => (int) round($took / 60),
                        'most' => (int) ($late->most->value ?? 0),
                    ]),
                ];
            }
        }

        return [];
    }
}
