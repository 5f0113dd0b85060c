<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\Block;
use GoodRinse\Core\Plan\Schedule\RoundBlocks;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;

/** Plans rounds on several machines for one person, so that everything is done soonest. */
final readonly class SessionPlanner
{
    /** Orders tried before a page settles for what it has. */
    private const NODES = 3000;

    public function __construct(private Handbook $handbook, private RoundComposer $composer)
    {
    }

    /**
     * @param array<string, list<string>> $jobs procedures by machine
     * @param list<MachineCare> $machines of the household
     */
    public function plan(array $jobs, array $machines, Household $household): PlannedSession
    {
        [$blocks, $links, $of, $conflicts, $apart] = [[], [], [], [], 0.0];
        foreach ($machines as $care) {
            $procedures = $jobs[$care->machine->id] ?? [];
            if ([] === $procedures) {
                continue;
            }
            try {
                $procedure = $this->composer->procedure(
                    $care->machine,
                    $household,
                    $care->kind,
                    ProcedureSet::from($procedures),
                )->procedure;
            } catch (OrderConflict $e) {
                $conflicts[$care->machine->id] = $e->getMessage();
                continue;
            }
            if (null === $procedure) {
                continue;
            }
            $answers = Expectation::of($procedure, $this->handbook, array_map(Fraction::of(...), $care->blockedNow()));
            $round = RoundBlocks::of($care->machine->id, $procedure, $answers);
            array_push($blocks, ...$round->blocks);
            array_push($links, ...$round->links);
            $of[$care->machine->id] = $care->machine;
            $apart += Estimate::of($procedure, $answers)->all->value;
        }
        $schedule = (new Scheduler(self::NODES))->plan(
            array_map(static fn (Block $block): Activity => $block->activity, $blocks),
            $links,
            [RoundBlocks::HANDS],
        );
        usort($blocks, static fn (Block $a, Block $b): int => $schedule->starts[$a->activity->id] <=> $schedule->starts[$b->activity->id]);

        return new PlannedSession($schedule, $blocks, $of, $apart, $conflicts);
    }
}
