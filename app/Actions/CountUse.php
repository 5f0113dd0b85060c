<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Counter;
use Psr\Clock\ClockInterface;

/** Counts one use of a machine, made just now. */
final readonly class CountUse
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click counts nothing
     *
     * @throws CannotDo
     */
    public function handle(Machine $machine, User $by, string $id): void
    {
        $unit = $this->handbook->kind($machine->kind)->useUnit;
        $this->write->handle($by->home(), $by, [new EntryDraft(new Counter($unit, 1), $this->clock->now(), Entry::BY_HAND, $machine, id: $id)]);
    }
}
