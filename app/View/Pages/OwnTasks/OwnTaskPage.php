<?php

declare(strict_types=1);

namespace App\View\Pages\OwnTasks;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** The pages on which a household writes care tasks of its own. */
final readonly class OwnTaskPage
{
    public function __construct(private Handbook $handbook, private ClockInterface $clock)
    {
    }

    public function all(Household $household): OwnTaskListData
    {
        return new OwnTaskListData($household->activeMachines()->orderBy('name')->get()->all());
    }

    /**
     * @param string $machine id of one of the household's, or the kitchen itself
     *
     * @throws UnknownEntry when it is neither
     */
    public function blank(Household $household, string $machine): OwnTaskData
    {
        $kitchen = Machine::KITCHEN === $machine;
        $there = $kitchen
            ? $household->activeMachines()->where('kind', Machine::KITCHEN)->oldest()->first()
            : $household->activeMachines()->whereKey($machine)->first() ?? throw UnknownEntry::named('machine', $machine);

        return $this->data($household, $there, null);
    }

    /** @throws UnknownEntry when the machine has no such task */
    public function one(Household $household, Machine $machine, string $task): OwnTaskData
    {
        return $this->data($household, $machine, $machine->ownTasks()->task($task) ?? throw UnknownEntry::named('task of your own', $task));
    }

    private function data(Household $household, ?Machine $machine, ?OwnTask $task): OwnTaskData
    {
        return new OwnTaskData(
            machine: $machine,
            kind: $machine?->kindIn($this->handbook) ?? $this->handbook->kind(Machine::KITCHEN),
            task: $task,
            scales: $this->handbook->scales()->all(),
            today: Day::at($this->clock->now(), $household->zone()),
        );
    }
}
