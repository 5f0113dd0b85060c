<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\DoseModel;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\RhythmModel;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;

/** Sets up the clocks of a care task from the handbook, the household and what the logbook holds. */
final readonly class TaskClocks
{
    private UsageRate $usage;
    private Descaling $descaling;

    public function __construct(RhythmModel $model, private DoseModel $doses)
    {
        $this->usage = new UsageRate($model);
        $this->descaling = new Descaling($doses);
    }

    /** @return list<Clock> */
    public function for(MachineKind $kind, CareTask $task, CareSettings $said, MachineHistory $history, Day $asOf): array
    {
        $declared = $kind->declaredUsesPerDay($said->habits);
        $startUses = $this->startingUses($task, $said);
        $startDays = $this->startingDays($task, $said, $declared);
        $past = $history->task($task->id);
        $clocks = [];
        foreach ($task->clocks as $bounds) {
            if (Clock::DAYS === $bounds->unit) {
                $elapsed = max(0, $asOf->since($past->last()->day ?? $said->since ?? $asOf));
                $clocks[] = new Clock($bounds->unit, $startDays ?? $bounds->most, $bounds->least, $bounds->most, 1.0, $elapsed, $this->observations($past->openings, true));
            } elseif ($bounds->unit === $kind->useUnit && $declared > 0) {
                $rate = $this->usage->perDay($history->usesByDay, $history->countedFrom, $asOf, $declared);
                $start = $startUses ?? ($startDays ?? 0.0) * $declared;
                $clocks[] = new Clock($bounds->unit, $start, $bounds->least, $bounds->most, $rate, $past->usesSince, $this->observations($past->openings, false));
            }
        }

        return $clocks;
    }

    /**
     * What the first interval is, as the school puts it.
     *
     * @return array{float, string} at least 1, and its unit
     */
    public function starting(MachineKind $kind, CareTask $task, CareSettings $said): array
    {
        $uses = $this->startingUses($task, $said);

        return null === $uses ? [$this->startingDays($task, $said, $kind->declaredUsesPerDay($said->habits)) ?? 1.0, Clock::DAYS] : [$uses, $kind->useUnit];
    }

    /** Whole days from the school and the habits, at least 1; null when the school counts uses and there are none. */
    private function startingDays(CareTask $task, CareSettings $said, float $declared): ?float
    {
        $uses = $this->startingUses($task, $said);
        $days = null === $uses ? ($task->school($said->school)->days ?? 1.0) * $task->habitFactor($said->habits) : ($declared > 0 ? $uses / $declared : null);

        return null === $days ? null : max(1.0, round($days));
    }

    /** Uses from the school and the habits, at least 1; null when the school counts days. */
    private function startingUses(CareTask $task, CareSettings $said): ?float
    {
        $school = $task->school($said->school);
        $uses = null === $school->start ? $school->uses : $this->descaling->brewLimit(
            $said->hardness ?? Hardness::mgPerLitre($this->doses->brewLimit['hardness']),
            $said->litresPerUse ?? $this->doses->brewLimit['litres'],
        );

        return null === $uses ? null : max(1.0, round($uses * $task->habitFactor($said->habits)));
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
