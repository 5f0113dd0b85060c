<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\RecordHistory;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Puts a machine into the kitchen. */
final readonly class AddMachine
{
    public function __construct(private Handbook $handbook, private RecordHistory $before, private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click adds nothing
     *
     * @throws ActionRefused when a day of its past lies in the future
     */
    public function handle(
        Household $household,
        User $by,
        string $id,
        string $kind,
        MachineDescription $about,
        MachinePast $past = new MachinePast(),
    ): Machine {
        return DB::transaction(function () use ($household, $by, $id, $kind, $about, $past): Machine {
            $there = Machine::query()->find($id);
            if (null !== $there) {
                return $there->household_id === $household->id ? $there : throw ActionRefused::idTaken();
            }
            $machine = new Machine(['household_id' => $household->id, 'kind' => $kind] + $about->columns());
            $machine->id = $id;
            $machine->created_at = CarbonImmutable::instance($this->clock->now());
            $machine->save();
            $this->before->handle(
                $machine,
                $by,
                $id,
                $past->newOn,
                $past->cleanedOn,
                $past->cleaned ?? array_keys($this->handbook->kind($kind)->firstTasks($about->traits)),
            );

            return $machine;
        });
    }
}
