<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Actions\Devices\RejudgeReadings;
use App\Models\Entry;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\Reversal;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Takes an entry out of force; voiding the undo brings it back. Both are lines of the logbook themselves. The opening that was
 * written with a measurement goes and comes with it.
 */
final readonly class ReverseEntry
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write, private RejudgeReadings $rejudge)
    {
    }

    /**
     * Doing it twice does it once.
     *
     * @return string id of the entry that voids it
     */
    public function handle(Entry $entry, User $by): string
    {
        return DB::transaction(function () use ($entry, $by): string {
            $voided = Entry::voidedAmong([$entry->id]);
            if (isset($voided[$entry->id])) {
                return $voided[$entry->id];
            }
            $id = (string) Str::ulid();
            $drafts = [$this->reversal($entry, $id)];
            $opening = Entry::query()->find(DerivedUlid::of($entry->id, EntryDraft::OPENING));
            if (null !== $opening && [] === Entry::voidedAmong([$opening->id])) {
                $drafts[] = $this->reversal($opening, DerivedUlid::of($id, EntryDraft::OPENING));
            }
            $this->write->handle($by->home(), $by, $drafts);
            $this->rejudge->after($entry);

            return $id;
        });
    }

    private function reversal(Entry $entry, string $id): EntryDraft
    {
        return new EntryDraft(
            new Reversal(Reversal::UNDO),
            $this->clock->now(),
            Entry::BY_HAND,
            $entry->machine,
            $entry->part,
            voids: $entry->id,
            id: $id,
        );
    }
}
