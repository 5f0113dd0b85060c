<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Counts uses of a machine: one made just now, or about how many there were in the days up to now. */
final readonly class CountUse
{
    private const LONGEST = 366;

    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click counts nothing
     * @param float $uses of the machine
     * @param int|null $over days that they are spread over; null for just now
     * @param Day|null $until the last of these days; null for now
     *
     * @throws ActionRefused when that day lies in the future, or they are more than a year
     */
    public function handle(Machine $machine, User $by, string $id, float $uses = 1.0, ?int $over = null, ?Day $until = null): void
    {
        $unit = $machine->kindIn($this->handbook)->useUnit;
        $now = $this->clock->now();
        $zone = $by->home()->zone();
        if (null !== $until && $until->isAfter(Day::at($now, $zone))) {
            throw ActionRefused::inTheFuture();
        }
        if (null !== $over && $over > self::LONGEST) {
            throw ActionRefused::notAhead();
        }
        $this->write->handle(
            $by->home(),
            $by,
            [new EntryDraft(
                new UseCount($unit, $uses, $over),
                null === $until ? $now : DayOrder::moment($until, $now, $zone),
                Entry::BY_HAND,
                $machine,
                id: $id,
            )],
        );
    }
}
