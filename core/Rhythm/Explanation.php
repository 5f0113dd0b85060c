<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;

/** Why a care task stands where it stands: the reasons, as codes and numbers that a page puts into words. */
final readonly class Explanation
{
    public function __construct(private FoulingCurve $curve)
    {
    }

    /**
     * @param list<Signal> $signals that make it due now
     * @param Day|null $snoozedUntil moves the reminder
     * @param Day|null $awayUntil last day on which nobody is there
     * @param Day|null $lookOn by when somebody looks once
     *
     * @return list<Reason>
     */
    public function of(ClockState $deciding, array $signals, ?Day $snoozedUntil, ?Day $awayUntil, ?Day $lookOn): array
    {
        $unit = $deciding->clock->unit;
        $reasons = [];
        foreach ($signals as $signal) {
            $reasons[] = new Reason(ReasonCode::Signal, ['kind' => $signal->kind, 'name' => $signal->name]);
        }
        if (null !== $lookOn) {
            $reasons[] = new Reason(ReasonCode::LookOnce, ['by' => (string) $lookOn]);
        }
        $reasons[] = new Reason(ReasonCode::ClockDecides, [
            'unit' => $unit, 'elapsed' => $deciding->clock->elapsed, 'interval' => $deciding->learned->interval,
        ]);
        $reasons[] = self::whatWasLearned($deciding);
        $left = $deciding->clock->left();
        if ($left->value > 0) {
            $reasons[] = new Reason(ReasonCode::LeftInPlace, [
                'left' => $left->value,
                'unit' => $unit,
                'uses' => $this->curve->foulings($left) * $deciding->learned->interval,
                'foulings' => $this->curve->foulings($left),
            ]);
        }
        if (0.0 === (float) $deciding->clock->rate) {
            $reasons[] = new Reason(ReasonCode::NoUse, ['unit' => $unit]);
        }
        if (null !== $snoozedUntil) {
            $reasons[] = new Reason(ReasonCode::Snoozed, ['until' => (string) $snoozedUntil]);
        }
        if (null !== $awayUntil) {
            $reasons[] = new Reason(ReasonCode::Away, ['until' => (string) $awayUntil]);
        }

        return $reasons;
    }

    private static function whatWasLearned(ClockState $deciding): Reason
    {
        $step = $deciding->learned->lastStep;
        if ($deciding->clock->kept) {
            return new Reason(ReasonCode::Kept, [
                'unit' => $deciding->clock->unit,
                'interval' => $deciding->learned->interval,
                'instead' => $deciding->learned->instead ?? 0.0,
            ]);
        }
        if (null === $step) {
            return new Reason(ReasonCode::NothingLearned, ['unit' => $deciding->clock->unit, 'interval' => $deciding->learned->interval]);
        }

        return new Reason(ReasonCode::Learned, [
            'unit' => $deciding->clock->unit,
            'found' => $step->observation->found->value,
            'uses' => $step->observation->uses,
            'before' => $step->before,
            'after' => $step->after,
            'limit' => $step->limit->value,
        ]);
    }
}
