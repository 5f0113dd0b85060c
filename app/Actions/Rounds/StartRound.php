<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Care\Readers\CareReader;
use App\Care\RoundComposer;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Round\ComposedProcedure;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Begins a round on a machine, or finds the one that is already under way. */
final readonly class StartRound
{
    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private CareReader $care,
        private RoundComposer $roundComposer,
    ) {
    }

    /**
     * @param list<string> $procedures to be done together; empty for the fullest that does the task on this machine
     * @param string|null $task asked for where no procedure is named
     *
     * @throws UnknownEntry when there is no such procedure, or it is not for this machine
     * @throws OrderConflict when they contradict each other, naming them
     * @throws ActionRefused when keep-apart refuses one of them, with the reason
     */
    public function handle(Machine $machine, User $by, array $procedures, ?string $task = null): Round
    {
        $kind = $machine->kindIn($this->handbook);
        $set = ProcedureSet::from([] === $procedures ? [$this->fullest($machine, $by, $task ?? '')] : $procedures);

        return DB::transaction(function () use ($machine, $by, $kind, $set): Round {
            $there = $machine->rounds()->whereNull('ended_at')->where('procedures', json_encode($set->ids))->first();
            if (null !== $there) {
                return $there;
            }
            foreach ($set->isSingle() ? [] : $set->ids as $each) {
                $this->allow($this->roundComposer->procedure($machine, $by->home(), $kind, ProcedureSet::of($each)), $each);
            }
            $composed = $this->roundComposer->procedure($machine, $by->home(), $kind, $set);
            $this->allow($composed, $set->ids[0]);

            return Round::query()->create([
                'household_id' => $machine->household_id,
                'machine_id' => $machine->id,
                'task' => $kind->taskOf($set->ids[0])->id ?? '',
                'procedures' => $set->ids,
                'script' => $this->handbook->excerpt($machine->kind, $set, $composed->binding, $machine->ownTasks()),
                'expected' => $this->care->machine($machine, $by->home())->blockedNow(),
                'started_by' => $by->id,
                'started_at' => $this->clock->now(),
            ]);
        });
    }

    private function allow(ComposedProcedure $composed, string $procedure): void
    {
        if (null !== $composed->refused) {
            throw ActionRefused::keptApart($composed->refused);
        }
        if (null === $composed->procedure) {
            throw UnknownEntry::named('procedure for this machine', $procedure);
        }
    }

    /** @throws UnknownEntry when the machine has no such task */
    private function fullest(Machine $machine, User $by, string $task): string
    {
        $care = $this->care->machine($machine, $by->home())->tasks[$task] ?? throw UnknownEntry::named('care task of this machine', $task);

        return $care->fullest();
    }
}
