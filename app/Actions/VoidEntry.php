<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\User;
use GoodRinse\Core\Logbook\Voiding;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Takes an entry out of force; voiding the undo brings it back. Both are lines of the logbook themselves. */
final readonly class VoidEntry
{
    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /**
     * @param string|null $id ULID made by the page, so that a second click changes nothing
     *
     * @throws CannotDo
     */
    public function handle(Entry $entry, User $by, ?string $id = null): void
    {
        DB::transaction(function () use ($entry, $by, $id): void {
            if (isset(Entry::voidedAmong([$entry->id])[$entry->id])) {
                return;
            }
            $this->write->handle($by->home(), $by, [new EntryDraft(
                new Voiding(Voiding::UNDO),
                $this->clock->now(),
                Entry::BY_HAND,
                $entry->machine,
                $entry->part,
                voids: $entry->id,
                id: $id,
            )]);
        });
    }
}
