<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Puts a reminder off. The clock of the task runs on. */
final readonly class SnoozeTask
{
    private const LONGEST = 366;

    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param Day $until first day it may be asked for again
     *
     * @throws ActionRefused when that day is not within a year from now
     * @throws UnknownEntry for a task the kind does not have
     */
    public function handle(Machine $machine, User $by, string $id, string $task, Day $until, string $reason): void
    {
        $part = $machine->kindIn($this->handbook)->task($task)->part;
        $away = $until->since(Day::at($this->clock->now(), $by->home()->zone()));
        if ($away < 1 || $away > self::LONGEST) {
            throw ActionRefused::notAhead();
        }
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft(new Snooze($task, $until, $reason), $this->clock->now(), Entry::BY_HAND, $machine, $part, id: $id)],
        );
    }
}
