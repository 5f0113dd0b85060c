<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Writes down that nobody uses some machines for a while. */
final readonly class RecordAbsence
{
    private const LONGEST = 366;

    public function __construct(private ClockInterface $clock, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param list<Machine> $machines
     *
     * @throws ActionRefused when it ends before it begins, or is longer than a year
     */
    public function handle(User $by, string $id, array $machines, Day $from, Day $to, string $reason): void
    {
        if ($from->isAfter($to)) {
            throw ActionRefused::endsBeforeItBegins();
        }
        if ($to->since($from) > self::LONGEST || abs($from->since(Day::at($this->clock->now(), $by->home()->zone()))) > self::LONGEST) {
            throw ActionRefused::notAhead();
        }
        $this->write->handle(
            $by->home(),
            $by,
            array_map(
                fn (Machine $machine): EntryDraft => new EntryDraft(
                    new Absence($from, $to, $reason),
                    $this->clock->now(),
                    Entry::BY_HAND,
                    $machine,
                    id: DerivedUlid::of($id, $machine->id),
                ),
                $machines,
            ),
        );
    }
}
