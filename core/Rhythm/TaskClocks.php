<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\RhythmModel;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;

/** Sets up the clocks of a care task from the handbook, the household and what the logbook holds. */
final readonly class TaskClocks
{
    private UsageRate $usage;

    public function __construct(RhythmModel $model)
    {
        $this->usage = new UsageRate($model);
    }

    /**
     * @param array<string, string|float> $habits how the household uses the machine
     * @param string|null                 $school the chosen one; null for the handbook's
     *
     * @return list<Clock>
     */
    public function for(MachineKind $kind, CareTask $task, array $habits, ?string $school, MachineHistory $history, Day $asOf): array
    {
        $startDays = $this->startingDays($task, $habits, $school);
        $declared = $kind->declaredUsesPerDay($habits);
        $past = $history->task($task->id);
        $clocks = [];
        foreach ($task->clocks as $bounds) {
            if (Clock::DAYS === $bounds->unit) {
                $elapsed = max(0, $asOf->since($past->last()->day ?? $asOf));
                $clocks[] = new Clock($bounds->unit, $startDays, $bounds->least, $bounds->most, 1.0, $elapsed, $this->observations($past->openings, true));
            } elseif ($bounds->unit === $kind->useUnit && $declared > 0) {
                $rate = $this->usage->perDay($history->usesByDay, $history->countedFrom, $asOf, $declared);
                $clocks[] = new Clock($bounds->unit, $startDays * $declared, $bounds->least, $bounds->most, $rate, $past->usesSince, $this->observations($past->openings, false));
            }
        }

        return $clocks;
    }

    /**
     * Whole days from the school and the habits, at least 1.
     *
     * @param array<string, string|float> $habits
     */
    public function startingDays(CareTask $task, array $habits, ?string $school): float
    {
        return max(1.0, round($task->school($school)->days * $task->habitFactor($habits)));
    }

    /**
     * An opening that nobody looked at only says what was left; it teaches nothing.
     *
     * @param list<OpeningRecord> $openings
     *
     * @return list<Observation>
     */
    private function observations(array $openings, bool $inDays): array
    {
        return array_map(
            static fn (OpeningRecord $opening): Observation => new Observation(
                null === $opening->found ? 0.0 : ($inDays ? (float) $opening->days : $opening->uses),
                $opening->found ?? $opening->left,
                $opening->left,
            ),
            $openings,
        );
    }
}
