<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\OnDay;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Puts a machine into the kitchen. */
final readonly class AddMachine
{
    public function __construct(private Handbook $handbook, private WriteEntries $write, private ClockInterface $clock)
    {
    }

    /**
     * @param string                      $id        ULID from the page, so that a second click adds nothing
     * @param array<string, string>       $traits
     * @param array<string, string|float> $habits
     * @param array<string, string>       $schools   by care task
     * @param Day|null                    $cleanedOn day it was last cleaned, when the person knows
     *
     * @throws CannotDo when that day lies in the future
     */
    public function handle(Household $household, User $by, string $id, string $kind, string $name, ?string $place, array $traits, array $habits, array $schools, ?Day $cleanedOn): Machine
    {
        return DB::transaction(function () use ($household, $by, $id, $kind, $name, $place, $traits, $habits, $schools, $cleanedOn): Machine {
            $there = Machine::query()->find($id);
            if (null !== $there) {
                return $there->household_id === $household->id ? $there : throw CannotDo::idTaken();
            }
            $machine = new Machine(['household_id' => $household->id, 'kind' => $kind, 'name' => $name, 'place' => $place, 'traits' => $traits, 'habits' => $habits, 'schools' => $schools]);
            $machine->id = $id;
            $machine->created_at = CarbonImmutable::instance($this->clock->now());
            $machine->save();
            if (null !== $cleanedOn) {
                $this->write->handle($household, $by, $this->told($household, $machine, $cleanedOn));
            }

            return $machine;
        });
    }

    /** @return list<EntryDraft> */
    private function told(Household $household, Machine $machine, Day $cleanedOn): array
    {
        $at = OnDay::moment($cleanedOn, $this->clock->now(), $household->zone());
        if ($cleanedOn->isAfter(Day::at($this->clock->now(), $household->zone()))) {
            throw CannotDo::inTheFuture();
        }
        $drafts = [];
        foreach ($this->handbook->kind($machine->kind)->firstTasks($machine->traits) as $task) {
            $drafts[] = new EntryDraft(new Opening($task->id, null, Fraction::none(), Opening::AS_TOLD), $at, Entry::BY_HAND, $machine, $task->part);
        }

        return $drafts;
    }
}
