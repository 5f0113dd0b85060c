<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Symptom;
use Psr\Clock\ClockInterface;

/** Writes down that something is not as it should be, and which job it points to. */
final readonly class NoteSymptom
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /** @throws UnknownEntry for a symptom or task the kind does not have */
    public function handle(Machine $machine, User $by, string $id, string $symptom, string $task): void
    {
        $kind = $this->handbook->kind($machine->kind);
        $part = $kind->task($task)->part;
        if (!isset($this->handbook->trouble($kind->id)->symptoms[$symptom])) {
            throw UnknownEntry::named("symptom of a $kind->id", $symptom);
        }
        $this->write->handle($by->home(), $by, [new EntryDraft(new Symptom($symptom, $task), $this->clock->now(), Entry::BY_HAND, $machine, $part, id: $id)]);
    }
}
