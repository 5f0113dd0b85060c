<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Plan\FittingSet;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\Block;
use GoodRinse\Core\Plan\Schedule\RoundBlocks;
use GoodRinse\Core\Plan\Schedule\Schedule;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use Illuminate\Contracts\Cache\Repository;

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
    /** Seconds that a plan is kept. */
    private const KEPT = 604_800;

    /** @var array<string, PlannedRound|null> by machine and procedures */
    private array $rounds = [];

    public function __construct(
        private readonly Handbook $handbook,
        private readonly RoundComposer $composer,
        private readonly Repository $cache,
    ) {
    }

    /**
     * What is proposed today, over all machines.
     *
     * @param list<MachineCare> $machines of the household
     */
    public function today(array $machines, Household $household): PlannedSession
    {
        return $this->plan(self::proposed($machines), $machines, $household);
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
     * @param float|null $limit minutes in which all is to be done; null for as long as it takes
     */
    public function plan(array $jobs, array $machines, Household $household, ?float $limit = null): PlannedSession
    {
        $this->rounds = [];
        $rounds = $this->rounds($jobs, $machines, $household);
        $whole = $this->schedule($rounds, self::NODES);
        $conflicts = array_filter(array_map(static fn (PlannedRound $round): string => $round->conflict, $rounds));
        [$chosen, $schedule, $isBest] = [array_intersect_key($jobs, $rounds), $whole, true];
        if (null !== $limit && $whole->finish > $limit) {
            $set = $this->fitting(array_diff_key($chosen, $conflicts), $machines, $household, $limit);
            [$chosen, $isBest] = [self::byMachine($set->chosen), $set->isBest];
            $rounds = $this->rounds($chosen, $machines, $household);
            $schedule = $this->schedule($rounds, self::NODES);
        }
        $left = [];
        foreach (array_diff_key($jobs, $conflicts) as $machine => $procedures) {
            $left[$machine] = array_values(array_diff($procedures, $chosen[$machine] ?? []));
        }
        $blocks = self::blocks($rounds);
        usort($blocks, static fn (Block $a, Block $b): int => $schedule->starts[$a->activity->id] <=> $schedule->starts[$b->activity->id]);

        return new PlannedSession(
            $schedule,
            $blocks,
            array_map(static fn (PlannedRound $round) => $round->machine, $rounds),
            $chosen,
            array_sum(array_map(static fn (PlannedRound $round): float => $round->estimate->all->value ?? 0.0, $rounds)),
            $conflicts,
            array_filter($left),
            $whole->finish,
            $isBest,
        );
    }

    /**
     * @param array<string, list<string>> $jobs
     * @param list<MachineCare> $machines
     */
    private function fitting(array $jobs, array $machines, Household $household, float $limit): FittingSet
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

        return FittingSet::greatest($worth, function (array $set) use ($machines, $household, $limit): bool {
            $rounds = $this->rounds(self::byMachine($set), $machines, $household);
            $hands = 0.0;
            foreach ($rounds as $round) {
                $hands += $round->estimate->hands->value ?? INF;
                if (($round->estimate->all->value ?? INF) > $limit) {
                    return false;
                }
            }

            return $hands <= $limit && $this->schedule($rounds, self::NODES_TO_FIT)->finish <= $limit;
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
        $set = ProcedureSet::from($procedures);
        try {
            $procedure = $this->composer->procedure($care->machine, $household, $care->kind, $set)->procedure;
        } catch (OrderConflict $e) {
            return new PlannedRound($care->machine, null, null, $e->getMessage());
        }
        if (null === $procedure) {
            return null;
        }
        $answers = Expectation::of($procedure, $this->handbook, array_map(Fraction::of(...), $care->blockedNow()));

        return new PlannedRound(
            $care->machine,
            RoundBlocks::of($care->machine->id, $procedure, $answers),
            Estimate::of($procedure, $answers),
        );
    }

    /**
     * @param array<string, PlannedRound> $rounds
     *
     * @return list<Block>
     */
    private static function blocks(array $rounds): array
    {
        return array_merge(...array_map(static fn (PlannedRound $round): array => $round->blocks->blocks ?? [], array_values($rounds)));
    }

    /**
     * The same steps have the same plan, so it is kept for a while.
     *
     * @param array<string, PlannedRound> $rounds
     */
    private function schedule(array $rounds, int $nodes): Schedule
    {
        $activities = array_map(static fn (Block $block): Activity => $block->activity, self::blocks($rounds));
        $links = array_merge(...array_map(static fn (PlannedRound $round): array => $round->blocks->links ?? [], array_values($rounds)));
        $key = 'plan.'.hash('xxh128', serialize([Scheduler::VERSION, $nodes, $activities, $links]));
        $kept = $this->cache->get($key);
        if (!$kept instanceof Schedule) {
            $kept = (new Scheduler($nodes))->plan($activities, $links, [RoundBlocks::HANDS]);
            $this->cache->put($key, $kept, self::KEPT);
        }

        return $kept;
    }
}
