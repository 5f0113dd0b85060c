<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Care\PartNames;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use GoodRinse\Core\Logbook\Payload\Payload;
use Psr\Clock\ClockInterface;

/** Writes down that a part is worn, to be ordered or ordered, and that a new one was fitted. */
final readonly class RecordPart
{
    public function __construct(private ClockInterface $clock, private PartNames $names, private WriteEntries $write)
    {
    }

    /** @throws ActionRefused when the machine has no such part */
    public function need(Machine $machine, User $by, string $id, PartNeed $need): void
    {
        $this->record($machine, $by, $id, $need->part, $need);
    }

    /** @throws ActionRefused when the machine has no such part */
    public function fitted(Machine $machine, User $by, string $id, PartFitted $fitted): void
    {
        $this->record($machine, $by, $id, $fitted->part, $fitted);
    }

    private function record(Machine $machine, User $by, string $id, string $part, Payload $payload): void
    {
        if (!isset($this->names->of($machine)[$part])) {
            throw ActionRefused::noSuchPart();
        }
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft($payload, $this->clock->now(), Entry::BY_HAND, $machine, $part, id: $id)],
        );
    }
}
