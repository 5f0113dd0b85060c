<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Readers\HistoryReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Tells how the dates of machines would move if something that they start from were otherwise. */
final readonly class StartPreview
{
    public function __construct(
        private Handbook $handbook,
        private HistoryReader $histories,
        private RhythmCalculator $calculator,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param array<string, string|float> $habits
     * @param array<string, string> $schools by care task
     *
     * @return list<DateChange> one for every task that has a date before or after
     */
    public function started(Machine $machine, Household $household, array $habits, array $schools): array
    {
        $other = clone $machine;
        $other->habits = $habits;
        $other->schools = $schools;

        return $this->compare($machine, $other, $household, $household);
    }

    /**
     * @param float|null $hardness in that unit
     *
     * @return list<DateChange>
     */
    public function watered(Household $household, ?float $hardness, string $unit): array
    {
        $other = clone $household;
        $other->hardness = $hardness;
        $other->hardness_unit = $unit;
        $moved = [];
        foreach ($household->activeMachines()->orderBy('name')->get() as $machine) {
            array_push($moved, ...array_filter(
                $this->compare($machine, $machine, $household, $other),
                static fn (DateChange $date): bool => $date->moves(),
            ));
        }

        return $moved;
    }

    /** @return list<DateChange> */
    private function compare(Machine $machine, Machine $other, Household $household, Household $otherHome): array
    {
        $kind = $machine->kindIn($this->handbook);
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $history = $this->history($machine, $household, $now);
        $after = $machine->habits === $other->habits ? $history : $this->history($other, $otherHome, $now, false);
        $moved = [];
        foreach ($kind->tasksFor($machine->traits) as $task) {
            $one = $this->calculator->rhythm($machine, $household, $task, $history, $today);
            $two = $this->calculator->rhythm($other, $otherHome, $task, $after, $today);
            if (null !== $one || null !== $two) {
                $moved[] = new DateChange(
                    $machine,
                    $task->byPart ? $kind->part($task->part)->name($machine->traits) : $task->name,
                    $one,
                    $two,
                    $this->calculator->starting($machine, $household, $task),
                    $this->calculator->starting($other, $otherHome, $task),
                );
            }
        }

        return $moved;
    }

    /** Uses that nobody counted are computed from the habits, so the history itself depends on them. */
    private function history(Machine $machine, Household $household, \DateTimeImmutable $now, bool $keep = true): MachineHistory
    {
        return $this->histories->read($machine, $household->zone(), $now, $keep)[0];
    }
}
