<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Entry;
use App\Models\Household;
use App\View\Words\EntryWords;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scale;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** An entry with what of it can be set right. */
final readonly class CorrectionPage
{
    public function __construct(private Handbook $handbook, private EntryWords $words, private ClockInterface $clock)
    {
    }

    public function for(Entry $entry, Household $household): CorrectionData
    {
        if (!$entry->kind->isCorrectable()) {
            throw UnknownEntry::named('entry that can be corrected', $entry->id);
        }
        $payload = $entry->decode();
        $zone = $household->zone();
        $machine = $entry->machine;
        $kind = null === $machine ? null : $machine->kindIn($this->handbook);
        $reading = $payload instanceof Measurement && null !== $payload->number ? $this->handbook->measurement($payload->what) : null;

        return new CorrectionData(
            entry: $entry,
            payload: $payload,
            words: $this->words->describe($payload, $machine, $entry->part, $household->measures),
            on: Day::at($entry->happened_at, $zone),
            at: DayOrder::isWhole($entry->happened_at->toDateTimeImmutable(), $zone)
                ? ''
                : $entry->happened_at->setTimezone($zone)->format('H:i'),
            today: Day::at($this->clock->now(), $zone),
            alike: null === $machine ? [] : $household->machines()->where('kind', $machine->kind)->orderBy('name')->get(),
            kind: $kind,
            tasks: null === $kind ? [] : $kind->tasksFor($machine->traits),
            scale: $this->scale($payload, $entry),
            reading: $reading,
            field: HouseMeasures::field($reading?->unit),
            measures: array_keys(\GoodRinse\Core\Quantity\Portion::measures($household->measures)),
        );
    }

    private function scale(mixed $payload, Entry $entry): ?Scale
    {
        return $payload instanceof Opening
            && null !== $payload->found ? $this->handbook->scales()->scale($this->words->scale($entry->machine, $payload->task)) : null;
    }
}
