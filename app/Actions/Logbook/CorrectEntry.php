<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Sets an entry right: takes it out of force and writes the right one in its place, in one go. */
final readonly class CorrectEntry
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param Payload $payload what it should have said
     * @param \DateTimeImmutable $at when it happened
     * @param string|null $part of the machine
     *
     * @return string id of the entry that stands now
     *
     * @throws ActionRefused for the future, a day before the machine was there, an entry that cannot be set right, or
     *     one whose round is still under way
     */
    public function handle(
        Entry $entry,
        User $by,
        string $id,
        Payload $payload,
        \DateTimeImmutable $at,
        ?Machine $machine,
        ?string $part,
    ): string {
        if (!$entry->kind->isCorrectable()) {
            throw ActionRefused::notCorrectable();
        }
        $round = null === $entry->round_id ? null : $entry->round()->first();
        if (null !== $round && null === $round->ended_at) {
            throw ActionRefused::roundIsRunning();
        }
        if ($at > $this->clock->now()) {
            throw ActionRefused::inTheFuture();
        }
        if (
            null !== $machine
            && !($payload instanceof Opening && Opening::AS_NEW === $payload->how)
            && $this->isBefore($machine, $at, $by)
        ) {
            throw ActionRefused::beforeItWasThere();
        }

        return DB::transaction(function () use ($entry, $by, $id, $payload, $at, $machine, $part, $round): string {
            if (Entry::query()->whereKey($id)->exists()) {
                return $id;
            }
            $drafts = isset(Entry::voidedAmong([$entry->id])[$entry->id]) ? [] : [new EntryDraft(
                new Reversal(Reversal::CORRECTION),
                $this->clock->now(),
                Entry::BY_HAND,
                $entry->machine,
                $entry->part,
                $round,
                voids: $entry->id,
                id: DerivedUlid::of($id, 'void'),
            )];
            $this->write->handle($by->home(), $by, [
                ...$drafts,
                new EntryDraft(
                    payload: $payload,
                    happenedAt: $at,
                    source: $entry->source,
                    machine: $machine,
                    part: $part,
                    round: $round,
                    step: $entry->step,
                    id: $id,
                    corrects: $entry->id,
                ),
            ]);

            return $id;
        });
    }

    /** Whether a moment lies before the day on which the machine was new. */
    private function isBefore(Machine $machine, \DateTimeImmutable $at, User $by): bool
    {
        $new = $machine->entries()
            ->where('kind', EntryKind::Opening)
            ->where('payload', 'like', '%"how":"new"%')
            ->orderBy('happened_at')
            ->get();
        $first = Entry::inForce($new)->first();

        return null !== $first && Day::at($first->happened_at, $by->home()->zone())->isAfter(Day::at($at, $by->home()->zone()));
    }
}
