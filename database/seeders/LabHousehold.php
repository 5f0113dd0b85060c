<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AddMachine;
use App\Actions\EntryDraft;
use App\Actions\FoundHousehold;
use App\Actions\RegisterUser;
use App\Actions\WriteEntries;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Lab\LabEvent;
use GoodRinse\Core\Logbook\Counter;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Str;

/** Makes up households: a person, their dishwashers, and what the Lab says these lived through. */
final readonly class LabHousehold
{
    public const PART = 'filter';

    public function __construct(private RegisterUser $register, private FoundHousehold $found, private AddMachine $add, private WriteEntries $write)
    {
    }

    /** A person with an account and a household of their own. */
    public function found(string $person, string $email, string $password, string $home): User
    {
        $user = $this->register->handle($person, $email, $password);
        $this->found->handle($user, $home, 'Europe/Stockholm', Measures::Metric);

        return $user;
    }

    /**
     * @param array<string, string>       $traits
     * @param array<string, string|float> $habits
     * @param array<string, string>       $schools
     */
    public function add(Household $home, User $by, string $name, ?string $place, array $traits, array $habits, array $schools): Machine
    {
        return $this->add->handle($home, $by, (string) Str::ulid(), 'dishwasher', $name, $place, $traits, $habits, $schools, null);
    }

    /** @param list<LabEvent> $events */
    public function live(Household $home, Machine $machine, array $events): void
    {
        $this->write->handle($home, null, array_map(
            static fn (LabEvent $event): EntryDraft => new EntryDraft($event->payload, $event->at, Entry::BY_DEMO, $machine, $event->payload instanceof Counter ? null : self::PART),
            $events,
        ));
    }
}
