<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Begins a round on a machine, or finds the one that is already under way. */
final readonly class StartRound
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook)
    {
    }

    /**
     * @param string|null $procedure one that the machine allows; null for the fullest
     *
     * @throws UnknownEntry when the machine has no such task or procedure
     */
    public function handle(Machine $machine, User $by, string $task, ?string $procedure = null): Round
    {
        $allowed = $this->handbook->kind($machine->kind)->task($task)->procedures($machine->traits);
        $procedure ??= $allowed[0] ?? '';
        if (!in_array($procedure, $allowed, true)) {
            throw UnknownEntry::named('procedure for this machine', $procedure);
        }

        return DB::transaction(fn (): Round => $machine->rounds()->whereNull('ended_at')->where('task', $task)->first()
            ?? Round::query()->create([
                'household_id' => $machine->household_id,
                'machine_id' => $machine->id,
                'task' => $task,
                'procedure' => $procedure,
                'script' => $this->handbook->excerpt($machine->kind, $procedure, $machine->traits),
                'started_by' => $by->id,
                'started_at' => $this->clock->now(),
            ]));
    }
}
