<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Ends absences early: somebody is back today. */
final readonly class EndAbsence
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /** @param string $id ULID from the page, so that a second click writes nothing */
    public function handle(User $by, string $id): void
    {
        $this->write->handle(
            $by->home(),
            $by,
            array_merge(...array_map(
                fn (Machine $machine): array => $this->ending($machine, $by, $id),
                array_values($by->home()->activeMachines()->get()->all()),
            )),
        );
    }

    /** @return list<EntryDraft> */
    private function ending(Machine $machine, User $by, string $id): array
    {
        $now = $this->clock->now();
        $today = Day::at($now, $by->home()->zone());
        $drafts = [];
        foreach (Entry::inForce($machine->entries()->where('kind', EntryKind::Away)->orderBy('seq')->get()) as $entry) {
            $payload = $entry->decode();
            if (!$payload instanceof Absence || $payload->from->isAfter($today) || $today->isAfter($payload->to)) {
                continue;
            }
            $drafts[] = new EntryDraft(
                new Reversal(Reversal::CORRECTION),
                $now,
                Entry::BY_HAND,
                $machine,
                voids: $entry->id,
                id: DerivedUlid::of($id, "void $entry->id"),
            );
            if (!$payload->from->isAfter($today->plus(-1))) {
                $drafts[] = new EntryDraft(
                    new Absence($payload->from, $today->plus(-1), $payload->reason),
                    $entry->happened_at->toDateTimeImmutable(),
                    Entry::BY_HAND,
                    $machine,
                    id: DerivedUlid::of($id, $entry->id),
                    corrects: $entry->id,
                );
            }
        }

        return $drafts;
    }
}
