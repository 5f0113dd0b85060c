<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;
use GoodRinse\Core\Rhythm\Learning\IntervalLearner;

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
     * @param list<Clock> $clocks at least one
     * @param list<Signal> $signals lights and open symptoms that make the task due today
     * @param Day|null $snoozedUntil moves the reminder, never the clock
     * @param Absences $absences nobody is reminded on these days
     * @param Day|null $lookBy by when somebody looks once, because nobody knows how it is
     *
     * @throws InvalidClock when there is no clock
     */
    public function assess(
        array $clocks,
        Day $asOf,
        array $signals = [],
        ?Day $snoozedUntil = null,
        Absences $absences = new Absences(),
        ?Day $lookBy = null,
    ): Rhythm {
        if ([] === $clocks) {
            throw InvalidClock::none();
        }
        $readings = array_map($this->read(...), $clocks);
        $worn = $this->mostWorn($readings);
        $state = $this->state($worn->wear);
        [$dueOn, $deciding] = $this->first($readings, $state, $asOf);
        $deciding ??= $worn;
        $window = null === $dueOn ? null : $this->window($deciding, $readings, $dueOn, $asOf);
        $lookOn = null;
        if (null !== $lookBy) {
            $lookOn = null === $dueOn || $dueOn->isAfter($lookBy) ? $lookBy : $dueOn;
            [$dueOn, $window] = [$lookOn, null];
            $state = match (true) {
                $state->isDue() => $state,
                $dueOn->isAfter($asOf) => CareState::Soon,
                default => CareState::Due,
            };
        }
        if ([] !== $signals) {
            $window = null;
            $state = $state->isDue() ? $state : CareState::Due;
            $dueOn = null === $dueOn || $dueOn->isAfter($asOf) ? $asOf : $dueOn;
        }
        $remindOn = null !== $snoozedUntil && (null === $dueOn || $snoozedUntil->isAfter($dueOn)) ? $snoozedUntil : $dueOn;
        $awayUntil = $absences->until(null === $remindOn || $asOf->isAfter($remindOn) ? $asOf : $remindOn);
        $remindOn = null === $awayUntil || !$awayUntil->reaches(1) ? $remindOn : $awayUntil->plus(1);

        return new Rhythm(
            clocks: $readings,
            deciding: $deciding,
            wear: $worn->wear,
            state: $state,
            blockedNow: $this->curve->blockedAfter($worn->wear),
            dueOn: $dueOn,
            window: $window,
            remindOn: $remindOn,
            reasons: (new Explanation($this->curve))->of($deciding, $signals, $snoozedUntil, $awayUntil, $lookOn),
        );
    }

    /**
     * How each clock of a task came to say what it says.
     *
     * @param list<OpeningRecord> $openings those that the clocks' observations stand for
     *
     * @return list<Workings> one for each clock of the rhythm, whose openings must not have been left out
     */
    public function workings(Rhythm $rhythm, array $openings, Day $asOf): array
    {
        return array_map(fn (ClockState $reading): Workings => Workings::of(
            $reading,
            $openings,
            $this->model,
            null === $reading->daysLeft() ? null : $this->day($reading, $reading->daysLeft(), $asOf),
        ), $rhythm->clocks);
    }

    private function read(Clock $clock): ClockState
    {
        $learned = $this->learner->learn($clock);

        return new ClockState($clock, $learned, $this->curve->foulings($clock->left()) + $clock->elapsed / $learned->interval);
    }

    /** @param non-empty-list<ClockState> $readings */
    private function mostWorn(array $readings): ClockState
    {
        $worn = $readings[0];
        foreach ($readings as $reading) {
            if ($reading->wear > $worn->wear) {
                $worn = $reading;
            }
        }

        return $worn;
    }

    private function state(float $wear): CareState
    {
        $from = $this->model->stateFrom;

        return match (true) {
            $wear >= $from['overdue'] - self::SLACK => CareState::Overdue,
            $wear >= $from['due'] - self::SLACK => CareState::Due,
            $wear >= $from['soon'] - self::SLACK => CareState::Soon,
            $wear >= $from['settling'] - self::SLACK => CareState::Settling,
            default => CareState::Fresh,
        };
    }

    /**
     * The earliest day that a clock makes it due, and the clock that does.
     *
     * @param non-empty-list<ClockState> $readings
     *
     * @return array{Day|null, ClockState|null}
     */
    private function first(array $readings, CareState $state, Day $asOf): array
    {
        [$first, $by] = [null, null];
        $since = $this->daysSinceOpening($readings);
        foreach ($readings as $reading) {
            $left = $reading->daysLeft();
            $day = null === $left ? null : $this->day($reading, $state->isDue() ? max($left, -$since) : max(0.0, $left), $asOf);
            if (null !== $day && (null === $first || $first->isAfter($day))) {
                [$first, $by] = [$day, $reading];
            }
        }

        return [$first, $by];
    }

    /**
     * Days between which the clock that decides most likely makes it due: never before the part was opened last, and
     * always with the due day between them.
     *
     * @param non-empty-list<ClockState> $readings
     *
     * @return array{Day, Day}|null
     */
    private function window(ClockState $reading, array $readings, Day $dueOn, Day $asOf): ?array
    {
        $since = -$this->daysSinceOpening($readings);
        $ends = [$reading->daysLeftAt($reading->learned->earliest), $reading->daysLeftAt($reading->learned->latest)];
        $days = array_map(fn (?float $left): ?Day => null === $left ? null : $this->day($reading, max($left, $since), $asOf), $ends);
        if (null === $days[0] || null === $days[1]) {
            return null;
        }
        $numbers = [$days[0], $days[1], $dueOn];
        usort($numbers, static fn (Day $a, Day $b): int => $a->number <=> $b->number);

        return [$numbers[0], $numbers[2]];
    }

    /** The day so many days of running away, rounded up to a whole one; null beyond the calendar. */
    private function day(ClockState $reading, float $days, Day $asOf): ?Day
    {
        $days = ceil($days - self::SLACK);
        if (!$asOf->reaches($days)) {
            return null;
        }
        $away = $reading->clock->absences->isEmpty() ? (int) $days : $reading->clock->absences->calendarDays($asOf, (int) $days);

        return $asOf->reaches($away) ? $asOf->plus($away) : null;
    }

    /**
     * Days since the last opening: told by the clock of days, else the longest that the others make it.
     *
     * @param non-empty-list<ClockState> $readings
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
}
