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
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Puts a machine into the kitchen. */
final readonly class AddMachine
{
    public function __construct(private Handbook $handbook, private RecordHistory $before, private ClockInterface $clock)
    {
    }

    /**
     * @param string                      $id        ULID from the page, so that a second click adds nothing
     * @param array<string, string>       $traits
     * @param array<string, string|float> $habits
     * @param array<string, string>       $schools   by care task
     * @param Day|null                    $newOn     day it was new, when the person knows
     * @param Day|null                    $cleanedOn day some of it was last cleaned, when the person knows
     * @param list<string>|null           $cleaned   care tasks that were done on that day; null for those that are looked at first
     *
     * @throws ActionRefused when that day lies in the future
     */
    public function handle(
        Household $household,
        User $by,
        string $id,
        string $kind,
        string $name,
        ?string $place,
        array $traits,
        array $habits,
        array $schools,
        ?Day $newOn = null,
        ?Day $cleanedOn = null,
        ?array $cleaned = null,
    ): Machine {
        return DB::transaction(function () use (
            $household,
            $by,
            $id,
            $kind,
            $name,
            $place,
            $traits,
            $habits,
            $schools,
            $newOn,
            $cleanedOn,
            $cleaned,
        ): Machine {
            $there = Machine::query()->find($id);
            if (null !== $there) {
                return $there->household_id === $household->id ? $there : throw ActionRefused::idTaken();
            }
            $machine = new Machine([
                'household_id' => $household->id,
                'kind' => $kind,
                'name' => $name,
                'place' => $place,
                'traits' => $traits,
                'habits' => $habits,
                'schools' => $schools,
            ]);
            $machine->id = $id;
            $machine->created_at = CarbonImmutable::instance($this->clock->now());
            $machine->save();
            $this->before->handle(
                $machine,
                $by,
                $id,
                $newOn,
                $cleanedOn,
                $cleaned ?? array_keys($this->handbook->kind($kind)->firstTasks($traits)),
            );

            return $machine;
        });
    }
}
