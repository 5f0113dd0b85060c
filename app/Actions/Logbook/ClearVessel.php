<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Clearing;
use Psr\Clock\ClockInterface;

/** Writes down that a vessel was cleared in the way that counts for it. */
final readonly class ClearVessel
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     *
     * @throws UnknownEntry when there is no such vessel
     */
    public function handle(Machine $machine, User $by, string $id, string $vessel): void
    {
        $way = $this->handbook->chemistry()->vessel($vessel)->clearedBy[0] ?? '';
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft(new Clearing($vessel, $way), $this->clock->now(), Entry::BY_HAND, $machine, id: $id)],
        );
    }
}
