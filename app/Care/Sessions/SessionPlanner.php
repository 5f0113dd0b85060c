<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Care\MachineCare;
use App\Care\RoundComposer;
use App\Care\TaskCare;
use App\Models\Household;
use App\Support\RefusalWords;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Plan\FittingSet;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Round\Estimate;
use Psr\Clock\ClockInterface;

/**
 * Plans rounds on several machines for one person, so that everything is done soonest; and when there is not time for
 * everything, chooses what has fouled most.
 */
final class SessionPlanner
{
    /** Orders tried before a page settles for what it has. */
    private const NODES = 600;
    /** Orders tried to see whether jobs fit at all. */
    private const NODES_TO_FIT = 300;

    /** @var array<string, PlannedRound|null> by machine and procedures */
    private array $rounds = [];

    /** Pairs of hands that are planned for. */
    private int $people = 1;

    public function __construct(
        private readonly RoundComposer $composer,
        private readonly SessionScheduler $scheduler,
        private readonly ClockInterface $clock,
    ) {
    }

    /**
     * What is proposed today, over all machines.
     *
     * @param list<MachineCare> $machines of the household
     */
    public function today(array $machines, Household $household): PlannedSession
    {
        return $this->plan(self::proposed($machines), $machines, $household, new PlanWishes($this->clock->now()));
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return array<string, list<string>> procedures that are proposed today, by machine
     */
    public static function proposed(array $machines): array
    {
        $jobs = [];
        foreach ($machines as $care) {
            $jobs[$care->machine->id] = $care->batch?->batch->procedures() ?? [];
        }

        return array_filter($jobs);
    }

    /**
     * @param array<string, list<string>> $jobs procedures by machine
     * @param list<MachineCare> $machines of the household
     */
    public function plan(array $jobs, array $machines, Household $household, PlanWishes $wishes): PlannedSession
    {
        [$this->rounds, $this->people, $limit] = [[], $wishes->people, $wishes->limit];
        $rounds = $this->rounds($jobs, $machines, $household);
        $fitted = $this->fit($rounds, $household, $wishes, self::NODES);
        $whole = $fitted->schedule->finish;
        $conflicts = array_filter(array_map(static fn (PlannedRound $round): string => $round->conflict, $rounds));
        [$chosen, $isBest] = [array_intersect_key($jobs, $rounds), true];
        if (null !== $limit && $whole > $limit) {
            $set = $this->fitting(array_diff_key($chosen, $conflicts), $machines, $household, $wishes, $limit);
            [$chosen, $isBest] = [self::byMachine($set->chosen), $set->isBest];
            $rounds = $this->rounds($chosen, $machines, $household);
            $fitted = $this->fit($rounds, $household, $wishes, self::NODES);
        }
        $left = [];
        foreach (array_diff_key($jobs, $conflicts) as $machine => $procedures) {
            $left[$machine] = array_values(array_diff($procedures, $chosen[$machine] ?? []));
        }

        return new PlannedSession(
            $fitted,
            array_map(static fn (PlannedRound $round) => $round->machine, $rounds),
            $chosen,
            array_sum(array_map(static fn (PlannedRound $round): float => $round->estimate->all->value ?? 0.0, $rounds)),
            $conflicts,
            array_filter($left),
            $whole,
            $isBest,
        );
    }

    /**
     * @param array<string, list<string>> $jobs
     * @param list<MachineCare> $machines
     */
    private function fitting(array $jobs, array $machines, Household $household, PlanWishes $wishes, float $limit): FittingSet
    {
        $worth = [];
        foreach ($machines as $care) {
            foreach ($jobs[$care->machine->id] ?? [] as $procedure) {
                $worth["{$care->machine->id}:$procedure"] = array_sum(array_map(
                    static fn (TaskCare $task): float => isset($task->procedures()[$procedure]) ? $task->kept->wear : 0.0,
                    $care->tasks,
                ));
            }
        }

        return FittingSet::greatest($worth, function (array $set) use ($machines, $household, $wishes, $limit): bool {
            $rounds = $this->rounds(self::byMachine($set), $machines, $household);
            $hands = 0.0;
            foreach ($rounds as $round) {
                $hands += $round->estimate->hands->value ?? INF;
                if (($round->estimate->all->value ?? INF) > $limit) {
                    return false;
                }
            }

            return $hands <= $limit * $wishes->people
                && $this->fit($rounds, $household, $wishes, self::NODES_TO_FIT)->schedule->finish <= $limit;
        });
    }

    /**
     * @param list<string> $set "machine:procedure"
     *
     * @return array<string, list<string>>
     */
    private static function byMachine(array $set): array
    {
        $jobs = [];
        foreach ($set as $job) {
            [$machine, $procedure] = explode(':', $job, 2);
            $jobs[$machine][] = $procedure;
        }

        return $jobs;
    }

    /**
     * @param array<string, list<string>> $jobs
     * @param list<MachineCare> $machines
     *
     * @return array<string, PlannedRound>
     */
    private function rounds(array $jobs, array $machines, Household $household): array
    {
        $rounds = [];
        foreach ($machines as $care) {
            $procedures = $jobs[$care->machine->id] ?? [];
            if ([] !== $procedures) {
                $key = "{$care->machine->id}:".implode('+', $procedures);
                $rounds[$care->machine->id] = $this->rounds[$key] ??= $this->round($care, $procedures, $household);
            }
        }

        return array_filter($rounds);
    }

    /** @param non-empty-list<string> $procedures */
    private function round(MachineCare $care, array $procedures, Household $household): ?PlannedRound
    {
        try {
            $expected = $this->composer->expected($care, $household, $procedures);
        } catch (OrderConflict $e) {
            return new PlannedRound($care->machine, null, null, RefusalWords::of($e));
        }

        return null === $expected ? null : new PlannedRound(
            $care->machine,
            RoundBlocks::of($care->machine->id, $expected->procedure, $expected->answers, SessionScheduler::hands($this->people)),
            Estimate::of($expected->procedure, $expected->answers),
        );
    }

    /** @param array<string, PlannedRound> $rounds */
    private function fit(array $rounds, Household $household, PlanWishes $wishes, int $nodes): FittedRounds
    {
        return $this->scheduler->fit(
            array_filter(array_map(static fn (PlannedRound $round): ?RoundBlocks => $round->blocks, $rounds)),
            $household,
            $wishes,
            $nodes,
        );
    }
}
