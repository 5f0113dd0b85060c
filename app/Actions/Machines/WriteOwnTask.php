<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\RecordHistory;
use App\Actions\Rounds\RefreshRounds;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Keeps the care tasks that a household writes itself, changes them, and gives them up or takes them up again. */
final readonly class WriteOwnTask
{
    /** Of one machine, those that were given up included. */
    private const MOST = 40;

    public function __construct(
        private RefreshRounds $follow,
        private RecordHistory $history,
        private AddMachine $addMachine,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param Machine|string $where the machine it is for, or what to call the kitchen itself, which is put there first
     * @param string $id ULID from the page, so that a second click adds nothing
     *
     * @return Machine that it is for
     *
     * @throws ActionRefused when there are too many already, or the day it was last done lies in the future
     */
    public function add(Machine|string $where, User $by, string $id, OwnTaskInput $input): Machine
    {
        return DB::transaction(function () use ($where, $by, $id, $input): Machine {
            $machine = is_string($where) ? $this->kitchen($by, $id, $where) : $where->refresh();
            $own = $machine->ownTasks();
            $name = OwnTask::PREFIX.(substr(Str::slug($input->title), 0, 18) ?: 'task').'-'.strtolower(substr($id, -6));
            if (null !== $own->task($name)) {
                return $machine;
            }
            if (count($own->tasks) >= self::MOST) {
                throw ActionRefused::tooManyTasks(self::MOST);
            }
            $task = $input->task($name, Day::at($this->clock->now(), $by->home()->zone()));
            $this->keep($machine, $by, $own->with($task));
            if (null !== $input->lastDone) {
                $this->history->handle($machine, $by, $id, null, $input->lastDone, [$task->id]);
            }

            return $machine;
        });
    }

    /** @throws UnknownEntry when the machine has no such task */
    public function change(Machine $machine, User $by, string $task, OwnTaskInput $input): void
    {
        $changed = static fn (OwnTask $before): OwnTask => $input->task($before->id, $before->since, $before->ended);
        $this->replace($machine, $by, $task, $changed);
    }

    /**
     * @param bool $ended true to give it up, false to take it up again
     *
     * @throws UnknownEntry when the machine has no such task
     */
    public function end(Machine $machine, User $by, string $task, bool $ended): void
    {
        $this->replace($machine, $by, $task, static fn (OwnTask $before): OwnTask => $before->end($ended));
    }

    /** @param \Closure(OwnTask): OwnTask $how */
    private function replace(Machine $machine, User $by, string $task, \Closure $how): void
    {
        DB::transaction(function () use ($machine, $by, $task, $how): void {
            $own = $machine->refresh()->ownTasks();
            $before = $own->task($task) ?? throw UnknownEntry::named('task of this machine', $task);
            $this->keep($machine, $by, $own->with($how($before)));
        });
    }

    private function kitchen(User $by, string $id, string $name): Machine
    {
        return $this->addMachine->handle(
            $by->home(),
            $by,
            DerivedUlid::of($id, Machine::KITCHEN),
            Machine::KITCHEN,
            new MachineDescription(name: $name, place: null, traits: [], habits: [], schools: []),
        );
    }

    private function keep(Machine $machine, User $by, OwnTasks $own): void
    {
        $machine->update(['own_tasks' => $own->toArray()]);
        $this->follow->handle($machine, $by);
    }
}
