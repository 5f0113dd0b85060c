<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Care\Readers\ImportReader;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Device\ReadingsFile;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\UseCount;

/** Writes down a table of counter readings that a person has looked through. */
final readonly class ImportReadings
{
    public function __construct(private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param int $series of the machine's own counter that the readings begin in
     *
     * @return int how many lines were written
     *
     * @throws ActionRefused
     */
    public function handle(Machine $machine, User $by, string $id, ReadingsFile $file, int $series): int
    {
        $unit = $machine->kindIn($this->handbook)->useUnit;
        $good = $file->good;
        uasort($good, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $drafts = [];
        $before = null;
        foreach ($good as $line => [$at, $number]) {
            if (ReadingsFile::USES === $file->column && $number <= 0) {
                continue;
            }
            $series += null !== $before && $number < $before && ReadingsFile::TOTAL === $file->column ? 1 : 0;
            $payload = ReadingsFile::TOTAL === $file->column
                ? new MeterTotal($unit, $number, ImportReader::METER, $series)
                : new UseCount($unit, $number);
            $drafts[] = new EntryDraft($payload, $at, Entry::BY_FILE, $machine, id: DerivedUlid::of($id, (string) $line));
            $before = $number;
        }
        $this->write->handle($by->home(), $by, $drafts);

        return count($drafts);
    }
}
