<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Counter;
use Psr\Clock\ClockInterface;

/** Counts uses of a machine: one made just now, or about how many there were in the days up to now. */
final readonly class CountUse
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string   $id   ULID from the page, so that a second click counts nothing
     * @param float    $uses of the machine
     * @param int|null $over days that they are spread over; null for just now
     *
     * @throws CannotDo
     */
    public function handle(Machine $machine, User $by, string $id, float $uses = 1.0, ?int $over = null): void
    {
        $unit = $this->handbook->kind($machine->kind)->useUnit;
        $this->write->handle($by->home(), $by, [new EntryDraft(new Counter($unit, $uses, $over), $this->clock->now(), Entry::BY_HAND, $machine, id: $id)]);
    }
}
