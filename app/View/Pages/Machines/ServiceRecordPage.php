<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** All that was done to a machine, for whoever has it next; counted uses are left out. */
final readonly class ServiceRecordPage
{
    public function __construct(private Handbook $handbook, private EntryWords $words, private ClockInterface $clock)
    {
    }

    /** The whole record. */
    public function for(Machine $machine, Household $household): ServiceRecordData
    {
        $entries = Entry::inForce($machine->entries()
            ->whereNotIn('kind', [EntryKind::Counter->value, EntryKind::Meter->value])
            ->orderByDesc('happened_at')->orderByDesc('seq')->get());

        return $this->about($machine, $household, array_values($entries->map(fn (Entry $entry): array => [
            (string) Day::at($entry->happened_at, $household->zone()),
            $this->words->describe($entry->decode(), $machine, $entry->part, $household->measures),
        ])->all()));
    }

    /**
     * What the machine is and where it went, without reading its logbook.
     *
     * @param list<array{string, string}> $lines day and what was done, the newest first
     */
    public function about(Machine $machine, Household $household, array $lines = []): ServiceRecordData
    {
        $kind = $machine->kindIn($this->handbook);
        $today = Day::at($this->clock->now(), $household->zone());

        return new ServiceRecordData(
            household: $household,
            machine: $machine,
            kindName: $kind->name,
            today: $today,
            facts: $this->facts($machine, $kind->distinguishing($machine->traits)),
            lines: $lines,
            left: null === $machine->retired_on ? null : (string) __('places/retired.left.'.$machine->retired_how, [
                'day' => Dates::day(Day::of($machine->retired_on), $today),
            ]),
        );
    }

    /**
     * @param list<string> $marks what tells it from others of its kind
     *
     * @return list<array{string, string}>
     */
    private function facts(Machine $machine, array $marks): array
    {
        $facts = [
            'model' => $machine->model, 'serial' => $machine->serial, 'bought' => $machine->bought_on,
            'warranty' => $machine->warranty_until, 'marks' => implode(', ', $marks),
        ];

        return array_map(
            static fn (string $what, string $words): array => [(string) __("places/retired.fact.$what"), $words],
            array_keys(array_filter($facts)),
            array_values(array_filter($facts)),
        );
    }
}
