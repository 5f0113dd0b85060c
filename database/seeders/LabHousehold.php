<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Household\ChangeMembers;
use App\Actions\Household\CreateHousehold;
use App\Actions\Household\RegisterUser;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Actions\Machines\AddMachine;
use App\Actions\Machines\MachineDescription;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Simulation\SimulatedEvent;
use Illuminate\Support\Str;

/** Makes up households: a person, their dishwashers, and what the Lab says these lived through. */
final readonly class LabHousehold
{
    public function __construct(
        private RegisterUser $register,
        private CreateHousehold $found,
        private ChangeMembers $members,
        private AddMachine $add,
        private WriteEntries $write,
        private Handbook $handbook,
    ) {
    }

    /** A person with an account and a household of their own. */
    public function found(string $person, string $email, string $password, string $home): User
    {
        $user = $this->register->handle($person, $email, $password);
        $this->found->handle($user, $home, 'Europe/Stockholm', Measures::Metric);

        return $user;
    }

    public function join(string $person, string $email, string $password, Household $home): void
    {
        $this->members->add($this->register->handle($person, $email, $password), $home);
    }

    /**
     * @param array<string, string> $traits
     * @param array<string, string|float> $habits
     * @param array<string, string> $schools
     */
    public function add(
        Household $home,
        User $by,
        string $kind,
        string $name,
        ?string $place,
        array $traits,
        array $habits,
        array $schools,
        Day $since,
    ): Machine {
        $known = array_map(static fn (MachineTrait $trait): string => $trait->default, $this->handbook->kind($kind)->traits());
        $machine = $this->add->handle(
            $home,
            $by,
            (string) Str::ulid(),
            $kind,
            new MachineDescription(
                $name,
                $place,
                array_diff($traits + $known, ['']),
                $habits + array_map(static fn (Habit $habit): string|float => $habit->default, $this->handbook->kind($kind)->habits()),
                $schools,
            ),
        );
        $machine->created_at = CarbonImmutable::instance($since->atTime(9, 0, $home->zone()));
        $machine->save();

        return $machine;
    }

    /** @param list<SimulatedEvent> $events */
    public function live(Household $home, Machine $machine, array $events): void
    {
        $kind = $this->handbook->kind($machine->kind);
        $this->write->handle($home, null, array_map(
            static fn (SimulatedEvent $event): EntryDraft => new EntryDraft(
                $event->payload,
                $event->at,
                Entry::BY_DEMO,
                $machine,
                $event->payload instanceof Opening ? $kind->task($event->payload->task)->part : null,
            ),
            $events,
        ));
    }
}
