<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\PromptRules;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Clock;

/** A machine with all its care tasks as they stand now. */
final readonly class MachineCare
{
    /**
     * @param array<string, TaskCare> $tasks by id
     * @param list<string> $offered procedures for this machine, on a clock or not
     * @param string $stamp changes when anything changes that all this follows from
     * @param ProposedBatch|null $batch what is done in one go on it today; null when nothing is due
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public MachineHistory $history,
        public array $tasks,
        private array $offered,
        public ?ProposedBatch $batch,
        public string $stamp,
    ) {
    }

    /**
     * @param list<self> $cares
     *
     * @return array<string, Machine> their machines, by id
     */
    public static function machines(array $cares): array
    {
        return array_column(array_map(static fn (self $care): array => [$care->machine->id, $care->machine], $cares), 1, 0);
    }

    /** @return array<string, string> names of the procedures for this machine that no clock asks for, by id */
    public function onDemand(): array
    {
        $clocked = array_merge(
            ...array_map(static fn (TaskCare $task): array => array_keys($task->procedures()), array_values($this->tasks)),
        );

        return array_intersect_key($this->kind->procedureNames, array_flip(array_diff($this->offered, $clocked)));
    }

    /** Whether something runs on how much it is used. */
    public function isCounted(): bool
    {
        foreach ($this->kind->tasksFor($this->machine->traits) as $task) {
            foreach ($task->clocks as $clock) {
                if (Clock::DAYS !== $clock->unit) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The day until which nobody is there; null when somebody is. */
    public function awayUntil(Day $today): ?Day
    {
        return $this->history->absences->until($today);
    }

    /** Whether nothing was counted lately, although the machine has been known as long and somebody was there. */
    public function wantsCount(PromptRules $asking, Day $today, \DateTimeZone $zone): bool
    {
        if ($this->isWeekKnown() || !$this->isCounted()) {
            return false;
        }
        $known = null === $this->machine->created_at ? $today : Day::at($this->machine->created_at->toDateTimeImmutable(), $zone);

        return $asking->wantsCount(0.0, $known, $this->history->absences->days($today->plus(-$asking->countAfterDays), $today), $today);
    }

    /** Uses since a task was last done, whether a clock asks for it or not. */
    public function usesSince(string $task): float
    {
        return isset($this->tasks[$task]) ? $this->tasks[$task]->history()->usesSince : $this->history->task($task)->usesSince;
    }

    /** @return array<string, float> blocked fraction that is expected of each task's part now, 0 to 1 */
    public function blockedNow(): array
    {
        return array_map(static fn (TaskCare $task): float => $task->rhythm()->blockedNow->value, $this->tasks);
    }

    /** Known uses of the last seven days, today included. */
    public function weekUses(): float
    {
        return $this->history->week ?? 0.0;
    }

    /** Whether anything is known of the last seven days. */
    public function isWeekKnown(): bool
    {
        return null !== $this->history->week;
    }
}
