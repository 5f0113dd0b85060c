<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Device\ReadingsFile;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\UseCount;
use Psr\Clock\ClockInterface;

/** Reads a table of counter readings against those that are already there. */
final readonly class ImportReader
{
    /** The counter that a machine has of its own, as a table tells it. */
    public const METER = 'file';

    public function __construct(private ClockInterface $clock, private Handbook $handbook)
    {
    }

    /** @return array{ReadingsFile, int} and the series of the machine's own counter that they begin in */
    public function read(
        Machine $machine,
        Household $household,
        string $text,
        bool $replaced,
        ?string $marks = null,
        ?string $order = null,
    ): array {
        $file = ReadingsFile::read($text, $household->zone(), $this->clock->now(), $marks, $order);
        [$there, $series] = $this->there($machine, $file->column);

        return [
            $file->against($there, $machine->kindIn($this->handbook)->mostUsesPerDay, $replaced),
            $replaced && [] !== $there ? $series + 1 : $series,
        ];
    }

    /** @return array{list<array{\DateTimeImmutable, float}>, int} what earlier tables said, oldest first, and the newest series */
    private function there(Machine $machine, string $column): array
    {
        $kind = ReadingsFile::TOTAL === $column ? EntryKind::Meter : EntryKind::Counter;
        $entries = $machine->entries()->where('kind', $kind)->where('source', Entry::BY_FILE)->orderBy('happened_at')->get();
        $there = [];
        $series = 0;
        foreach (Entry::inForce($entries) as $entry) {
            $payload = $entry->decode();
            if ($payload instanceof MeterTotal && self::METER !== $payload->meter) {
                continue;
            }
            if ($payload instanceof MeterTotal && $payload->series > $series) {
                [$there, $series] = [[], $payload->series];
            }
            $there[] = [
                $entry->happened_at->toDateTimeImmutable(),
                $payload instanceof MeterTotal ? $payload->total : ($payload instanceof UseCount ? $payload->uses : 0.0),
            ];
        }

        return [$there, $series];
    }
}
