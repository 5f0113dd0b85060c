<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Care\MachineCare;
use App\Care\PlannedSession;
use App\Care\Readers\CareReader;
use App\Care\SessionPlanner;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Drawing\PlanLanes;
use App\View\Pages\Today\TaskLine;
use App\View\Words\ReasonWords;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Plan\Schedule\Block;
use GoodRinse\Core\Plan\Schedule\RoundBlocks;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Jobs on several machines as one session: what to do when, so that everything is done soonest. */
final readonly class PlanPage
{
    /** Steps named of those that are done in one go. */
    private const NAMED = 3;
    /** Minutes of a gap that are worth speaking of. */
    private const GAP = 5.0;

    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private SessionPlanner $planner,
        private ReasonWords $words,
    ) {
    }

    /**
     * @param list<string>|null $picked "machine:procedure"; null for what is due
     * @param string|null $at when it begins, as HH:MM; null for now
     * @param string|null $ready when all is to be done, as HH:MM; null for as soon as it can be
     */
    public function for(Household $household, ?array $picked, ?string $at, ?string $ready = null): PlanData
    {
        $machines = $this->care->household($household);
        $times = PlanTimes::from($this->clock->now(), $household->zone(), $at, $ready);
        $today = Day::at($this->clock->now(), $household->zone());
        $jobs = $this->jobs($machines, $picked);
        $session = $this->planner->plan($jobs, $machines, $household, $times->limit());
        $lines = self::lines($session, $times);
        $words = new PlanWords($session, $times);

        return new PlanData(
            $household,
            $today,
            $words->head(),
            $words->sentences(),
            $this->choices($machines, $jobs, $session, $today),
            $times->clock(0),
            $times->readyAt(),
            $lines,
            [] === $lines ? null : $this->lanes($session, $lines, $times),
            self::starts($session),
            array_values($session->conflicts),
        );
    }

    /**
     * The rounds in the order in which they begin.
     *
     * @return list<array{Machine, list<string>}>
     */
    private static function starts(PlannedSession $session): array
    {
        $order = array_values(array_unique(array_map(static fn (Block $block): string => $block->round, $session->blocks)));

        return array_map(static fn (string $id): array => [$session->machines[$id], $session->jobs[$id]], $order);
    }

    /**
     * @param list<MachineCare> $machines
     * @param list<string>|null $picked
     *
     * @return array<string, list<string>> procedures by machine
     */
    private function jobs(array $machines, ?array $picked): array
    {
        if (null === $picked) {
            return SessionPlanner::proposed($machines);
        }
        $jobs = [];
        foreach ($machines as $care) {
            $of = array_merge(...array_map(
                static fn (TaskCare $task): array => array_keys($task->procedures()),
                array_values($care->tasks),
            ));
            $jobs[$care->machine->id] = array_values(array_unique(
                array_filter($of, static fn (string $id): bool => in_array("{$care->machine->id}:$id", $picked, true)),
            ));
        }

        return array_filter($jobs);
    }

    /**
     * @param list<MachineCare> $machines
     * @param array<string, list<string>> $jobs
     *
     * @return array<string, list<PlanChoice>>
     */
    private function choices(array $machines, array $jobs, PlannedSession $session, Day $today): array
    {
        $choices = [];
        foreach ($machines as $care) {
            foreach (CareReader::byUrgency([$care]) as $task) {
                $procedure = $task->fullest();
                if ('' === $procedure) {
                    continue;
                }
                $picked = $jobs[$care->machine->id] ?? [];
                $choices[$care->machine->name][$procedure] ??= new PlanChoice(
                    "{$care->machine->id}:$procedure",
                    $care->kind->procedureNames[$procedure] ?? $task->name(),
                    (new TaskLine($task, $today, $this->words))->when(),
                    Uses::minutes($task->estimate->hands->value),
                    in_array($procedure, $picked, true),
                    in_array($procedure, $session->left[$care->machine->id] ?? [], true),
                );
            }
        }

        return array_map(array_values(...), $choices);
    }

    /** @return list<PlanLine> */
    private static function lines(PlannedSession $session, PlanTimes $times): array
    {
        $lines = [];
        [$number, $free] = [0, 0.0];
        foreach ($session->blocks as $block) {
            $start = $session->schedule->starts[$block->activity->id];
            $end = $start + $block->activity->minutes;
            $isHanded = null === $block->wait;
            $gap = $isHanded ? $start - $free : 0.0;
            $free = $isHanded ? max($free, $end) : $free;
            $lines[] = new PlanLine(
                $isHanded ? ++$number : null,
                $start,
                $block->activity->minutes,
                $times->clock($start),
                $times->clock($end),
                $session->machines[$block->round]->name,
                $block->wait ?? self::steps($block),
                array_values(array_unique([
                    ...array_intersect($block->activity->needs, [RoundBlocks::HANDS, RoundBlocks::SINK]),
                    ...($isHanded ? [] : [$block->round]),
                ])),
                $gap >= self::GAP && $number > 1 ? self::text('free', ['minutes' => Uses::minutes($gap)]) : '',
            );
        }

        return $lines;
    }

    private static function steps(Block $block): string
    {
        $names = array_map(static fn (Step $step): string => $step->short, $block->steps);
        $shown = implode(', ', array_slice($names, 0, self::NAMED));
        $more = count($names) - self::NAMED;

        return $more > 0 ? $shown.self::text('more', ['count' => (string) $more]) : $shown;
    }

    /** @param list<PlanLine> $lines */
    private function lanes(PlannedSession $session, array $lines, PlanTimes $times): PlanLanes
    {
        $used = array_merge(...array_map(static fn (PlanLine $line): array => $line->lanes, $lines));
        $names = [RoundBlocks::HANDS => self::text('lane.hands'), RoundBlocks::SINK => self::text('lane.sink')]
            + array_map(static fn (Machine $machine): string => $machine->name, $session->machines);
        $finish = $session->schedule->finish;
        $step = max(5.0, ceil($finish / 6 / 5) * 5);

        return new PlanLanes(
            array_intersect_key($names, array_flip($used)),
            $lines,
            $finish,
            array_map(
                static fn (float $minutes): array => [$minutes, $times->clock($minutes)],
                range(0.0, max(0.0, $finish - $step / 2), $step),
            ),
        );
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("today.plan.$key", $values));
    }
}
