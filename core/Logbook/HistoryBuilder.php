<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** Gathers a machine's entries into its history: the front door of this folder. */
final readonly class HistoryBuilder
{
    /** @param int $keepDays days of counted use kept day by day */
    public function __construct(private \DateTimeZone $zone, private int $keepDays)
    {
    }

    /**
     * @param iterable<Entry>    $entries openings in force, in any order
     * @param UseTally           $tally   counts of the machine's use
     * @param \DateTimeImmutable $asOf    nothing after this moment is looked at
     * @param \DateTimeImmutable $since   the machine is known; uses of what was never opened count from here
     */
    public function build(iterable $entries, UseTally $tally, \DateTimeImmutable $asOf, \DateTimeImmutable $since): MachineHistory
    {
        $byTask = [];
        foreach (InForce::among($entries) as $entry) {
            if ($entry->payload instanceof Opening && $entry->happenedAt <= $asOf) {
                $byTask[$entry->payload->task][] = [$entry, $entry->payload];
            }
        }

        return new MachineHistory(
            array_map(fn (array $openings): TaskHistory => $this->task($openings, $tally, $asOf), $byTask),
            $tally->byDay(Day::at($asOf, $this->zone)->plus(-$this->keepDays)),
            $tally->countedFrom(),
            $tally->between(min($since, $asOf)->getTimestamp(), $asOf->getTimestamp()),
        );
    }

    /** @param non-empty-list<array{Entry, Opening}> $openings oldest first */
    private function task(array $openings, UseTally $tally, \DateTimeImmutable $asOf): TaskHistory
    {
        $records = [];
        $before = null;
        foreach ($openings as [$entry, $opening]) {
            $day = Day::at($entry->happenedAt, $this->zone);
            $records[] = new OpeningRecord(
                $entry->id,
                $day,
                null === $before ? 0 : $day->since(Day::at($before, $this->zone)),
                null === $before ? 0.0 : $tally->between($before->getTimestamp(), $entry->happenedAt->getTimestamp()),
                $opening->found,
                $opening->left,
            );
            $before = $entry->happenedAt;
        }

        return new TaskHistory($records, $tally->between($before->getTimestamp(), $asOf->getTimestamp()));
    }
}
