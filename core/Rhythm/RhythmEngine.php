<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\RhythmModel;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** When is a care task due, how sure are we, and why: the front door of this folder. */
final readonly class RhythmEngine
{
    /** Slack in uses and days, so that whole numbers stay whole. */
    private const SLACK = 1e-9;

    private FoulingCurve $curve;
    private IntervalLearner $learner;

    public function __construct(private RhythmModel $model)
    {
        $this->curve = new FoulingCurve($model);
        $this->learner = new IntervalLearner($model);
    }

    /**
     * Reads all clocks of a task on a day.
     *
     * @param list<Clock>  $clocks       at least one
     * @param list<Signal> $signals      lights and open symptoms that make the task due today
     * @param Day|null     $snoozedUntil moves the reminder, never the clock
     *
     * @throws InvalidClock when there is no clock
     */
    public function assess(array $clocks, Day $asOf, array $signals = [], ?Day $snoozedUntil = null): Rhythm
    {
        if ([] === $clocks) {
            throw InvalidClock::none();
        }
        $readings = array_map($this->read(...), $clocks);
        $deciding = $this->deciding($readings);
        $state = $this->state($deciding->wear);
        $dueOn = $this->dueOn($readings, $state, $asOf);
        if ([] !== $signals) {
            $state = $state->isDue() ? $state : State::Due;
            $dueOn = null === $dueOn || $dueOn->isAfter($asOf) ? $asOf : $dueOn;
        }
        $remindOn = null !== $snoozedUntil && (null === $dueOn || $snoozedUntil->isAfter($dueOn)) ? $snoozedUntil : $dueOn;

        return new Rhythm(
            $readings,
            $deciding,
            $deciding->wear,
            $state,
            $this->curve->blockedAfter($deciding->wear),
            $dueOn,
            $this->window($readings, $asOf),
            $remindOn,
            $this->reasons($deciding, $signals, $snoozedUntil),
        );
    }

    private function read(Clock $clock): ClockReading
    {
        $learned = $this->learner->learn($clock);

        return new ClockReading($clock, $learned, $this->curve->foulings($this->left($clock)) + $clock->elapsed / $learned->interval);
    }

    private function left(Clock $clock): Fraction
    {
        $last = $clock->observations[count($clock->observations) - 1] ?? null;

        return $last->left ?? Fraction::none();
    }

    /** @param non-empty-list<ClockReading> $readings */
    private function deciding(array $readings): ClockReading
    {
        $deciding = $readings[0];
        foreach ($readings as $reading) {
            if ($reading->wear > $deciding->wear) {
                $deciding = $reading;
            }
        }

        return $deciding;
    }

    private function state(float $wear): State
    {
        $from = $this->model->stateFrom;

        return match (true) {
            $wear >= $from['overdue'] - self::SLACK => State::Overdue,
            $wear >= $from['due'] - self::SLACK => State::Due,
            $wear >= $from['soon'] - self::SLACK => State::Soon,
            $wear >= $from['settling'] - self::SLACK => State::Settling,
            default => State::Fresh,
        };
    }

    /** @param non-empty-list<ClockReading> $readings */
    private function dueOn(array $readings, State $state, Day $asOf): ?Day
    {
        $left = array_filter(array_map(static fn (ClockReading $reading): ?float => $reading->daysLeft(), $readings), static fn (?float $days): bool => null !== $days);
        if ([] === $left) {
            return null;
        }
        $days = $state->isDue()
            ? max(min($left), -$this->daysSinceOpening($readings))
            : max(0.0, min($left));
        $days = ceil($days - self::SLACK);

        return $asOf->reaches($days) ? $asOf->plus((int) $days) : null;
    }

    /**
     * @param non-empty-list<ClockReading> $readings
     *
     * @return array{Day, Day}|null
     */
    private function window(array $readings, Day $asOf): ?array
    {
        $first = null;
        foreach ($readings as $reading) {
            if (null !== $reading->daysLeft() && (null === $first || $reading->daysLeft() < $first->daysLeft())) {
                $first = $reading;
            }
        }
        if (null === $first) {
            return null;
        }
        $earliest = ceil($first->daysLeftAt($first->learned->earliest) - self::SLACK);
        $latest = ceil($first->daysLeftAt($first->learned->latest) - self::SLACK);

        return $asOf->reaches($earliest) && $asOf->reaches($latest) ? [$asOf->plus((int) $earliest), $asOf->plus((int) $latest)] : null;
    }

    /**
     * Days since the last opening: told by the clock of days, else the longest that the others make it.
     *
     * @param non-empty-list<ClockReading> $readings
     */
    private function daysSinceOpening(array $readings): float
    {
        $longest = 0.0;
        foreach ($readings as $reading) {
            if ($reading->clock->rate > 0) {
                $days = $reading->clock->elapsed / $reading->clock->rate;
                if (Clock::DAYS === $reading->clock->unit) {
                    return $days;
                }
                $longest = max($longest, $days);
            }
        }

        return $longest;
    }

    /**
     * @param list<Signal> $signals
     *
     * @return list<Reason>
     */
    private function reasons(ClockReading $deciding, array $signals, ?Day $snoozedUntil): array
    {
        $unit = $deciding->clock->unit;
        $reasons = [];
        foreach ($signals as $signal) {
            $reasons[] = new Reason(ReasonCode::Signal, ['kind' => $signal->kind, 'name' => $signal->name]);
        }
        $reasons[] = new Reason(ReasonCode::ClockDecides, [
            'unit' => $unit, 'elapsed' => $deciding->clock->elapsed, 'interval' => $deciding->learned->interval,
        ]);
        $reasons[] = $this->whatWasLearned($deciding);
        $left = $this->left($deciding->clock);
        if ($left->value > 0) {
            $reasons[] = new Reason(ReasonCode::LeftInPlace, [
                'left' => $left->value, 'unit' => $unit, 'uses' => $this->curve->foulings($left) * $deciding->learned->interval,
            ]);
        }
        if (0.0 === (float) $deciding->clock->rate) {
            $reasons[] = new Reason(ReasonCode::NoUse, ['unit' => $unit]);
        }
        if (null !== $snoozedUntil) {
            $reasons[] = new Reason(ReasonCode::Snoozed, ['until' => (string) $snoozedUntil]);
        }

        return $reasons;
    }

    private function whatWasLearned(ClockReading $deciding): Reason
    {
        $step = $deciding->learned->lastStep;
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
