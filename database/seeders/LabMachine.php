<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AddMachine;
use App\Actions\EntryDraft;
use App\Actions\WriteEntries;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Lab\LabEvent;
use GoodRinse\Core\Logbook\Counter;
use Illuminate\Support\Str;

/** Puts a dishwasher into a household and writes down what the Lab says it lived through. */
final readonly class LabMachine
{
    public const PART = 'filter';

    public function __construct(private AddMachine $add, private WriteEntries $write)
    {
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
