<?php

declare(strict_types=1);

namespace GoodRinse\Core\Simulation;

use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\TaskClocks;

/**
 * A simulated household that uses one machine, soils one part of it and opens it when its rhythm says so.
 *
 * Uses are a Poisson stream with a weekday shape; soil follows the fouling curve with a rate drawn for the
 * part and shaken at each opening; the person is a little late and does not always clean.
 */
final class SimulatedKitchen
{
    private readonly RhythmEngine $engine;
    private readonly TaskClocks $clocks;
    private readonly FoulingCurve $curve;
    private readonly UseStream $stream;

    /**
     * @param array<string, string|float> $habits
     * @param string|null $school the household's; null for the handbook's
     */
    public function __construct(
        private readonly Handbook $handbook,
        private readonly MachineKind $kind,
        private readonly CareTask $task,
        private readonly array $habits,
        private readonly ?string $school,
        private readonly KitchenSettings $settings,
        private readonly \DateTimeZone $zone,
    ) {
        $model = $handbook->rhythmModel();
        $this->engine = new RhythmEngine($model);
        $this->clocks = new TaskClocks($handbook->doseModel());
        $this->curve = new FoulingCurve($model);
        $this->stream = new UseStream($settings->usesPerWeek, $settings->weekdayShape, $zone);
    }

    /**
     * Lives through the days, the first and the last included.
     *
     * @return array{list<SimulatedEvent>, Rhythm} what happened, and the rhythm on the evening of the last day
     */
    public function live(Day $first, Day $last, int $seed): array
    {
        $dice = new Dice($seed);
        $interval = $dice->lognormal($this->settings->medianInterval, $this->settings->partSpread);
        $soil = $dice->lognormal(1, $this->settings->soilSpread);
        $events = [$opening = $this->opening($first, null, Fraction::none(), $dice)];
        $days = new LocalDays($this->zone);
        $log = new KitchenLog(
            $first,
            $days->of($opening->at),
            $this->kind->declaredUsesPerDay($this->habits),
            $this->kind->mostUsesPerDay,
            $this->handbook->rhythmModel(),
        );
        [$exposure, $opensOn] = [0.0, null];
        [$rhythm, $notBefore] = $this->rhythm($log, $first);
        for ($day = $first->plus(1); !$day->isAfter($last); $day = $day->plus(1)) {
            if (null !== $opensOn && !$opensOn->isAfter($day)) {
                [$found, $left] = $this->graded($this->curve->blockedAfter($exposure), $dice);
                $events[] = $opening = $this->opening($day, $found, $left, $dice);
                $log->opened($day, $days->of($opening->at), $found, $left);
                $exposure = $this->curve->foulings($left);
                [$soil, $opensOn, $notBefore] = [$dice->lognormal(1, $this->settings->soilSpread), null, $day];
            }
            $uses = $this->usesOn($day, $dice);
            array_push($events, ...$uses);
            $log->used(array_map(static fn (SimulatedEvent $use): float => $days->of($use->at), $uses));
            $exposure += count($uses) * $soil / $interval;
            if ((null !== $opensOn || $notBefore->isAfter($day)) && $last->isAfter($day)) {
                continue; // nobody would look at the rhythm, or it cannot be due yet
            }
            [$rhythm, $notBefore] = $this->rhythm($log, $day);
            if (null === $opensOn && $rhythm->state->isDue()) {
                $opensOn = $day->plus(1 + $dice->between(0, $this->settings->mostDaysLate));
            }
        }

        return [$events, $rhythm];
    }

    /** @return list<SimulatedEvent> */
    private function usesOn(Day $day, Dice $dice): array
    {
        return array_map(
            fn (\DateTimeImmutable $at): SimulatedEvent => new SimulatedEvent($at, new UseCount($this->kind->useUnit, 1)),
            $this->stream->on($day, $dice),
        );
    }

    private function opening(Day $day, ?Fraction $found, Fraction $left, Dice $dice): SimulatedEvent
    {
        $how = null === $found ? Opening::AS_TOLD : Opening::BY_GRADE;

        return new SimulatedEvent($day->atTime(10, $dice->between(0, 59), $this->zone), new Opening($this->task->id, $found, $left, $how));
    }

    /** @return array{Fraction, Fraction} found and left, as a person grades them */
    private function graded(Fraction $found, Dice $dice): array
    {
        $scale = $this->handbook->scales()->scale($this->kind->procedures->scaleOf($this->task->id, []));
        $grades = $scale->grades;
        $found = $scale->nearest($found)->fraction;
        $left = match (true) {
            $dice->uniform() < $this->settings->onlyLooks && $found->value < $this->handbook->rhythmModel()->cleanBy => $found,
            $dice->uniform() < $this->settings->leavesFilm => $grades[1]->fraction,
            default => $grades[0]->fraction,
        };

        return [$found, $left->value > $found->value ? $found : $left];
    }

    /** @return array{Rhythm, Day} the rhythm, and the first day on which it could be due however much is used */
    private function rhythm(KitchenLog $log, Day $day): array
    {
        $history = $log->history($this->task->id, $day);

        $rhythm = $this->engine->assess(
            $this->clocks->for($this->kind, $this->task, new CareSettings($this->habits, $this->school), $history, $day),
            $day,
        );
        $soonest = INF;
        foreach ($rhythm->clocks as $clock) {
            $busiest = Clock::DAYS === $clock->clock->unit ? 1.0 : $this->kind->mostUsesPerDay / max($history->rate, 1e-6);
            $soonest = min($soonest, ($clock->daysLeft() ?? 0.0) / max(1.0, $busiest));
        }

        return [$rhythm, $day->plus((int) max(1.0, min(1000.0, floor($soonest))))];
    }
}
