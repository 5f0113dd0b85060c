<?php

declare(strict_types=1);

namespace App\View\Pages\Parts;

use App\Care\PartNames;
use App\Care\Readers\PartNeedReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\EntryWords;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Which parts of a machine wait for a new one, and what was fitted before. */
final readonly class PartsPage
{
    private const BEFORE = 20;

    public function __construct(
        private PartNames $names,
        private PartNeedReader $needs,
        private EntryWords $words,
        private ClockInterface $clock,
    ) {
    }

    /** @param string $picked part that the page is opened for; empty for none */
    public function for(Machine $machine, Household $household, string $picked): PartsData
    {
        $names = $this->names->of($machine);
        $fitted = $machine->entries()->where('kind', EntryKind::PartFitted)->orderByDesc('happened_at')->limit(self::BEFORE)->get();

        return new PartsData(
            household: $household,
            machine: $machine,
            names: $names,
            needs: array_intersect_key($this->needs->machine($machine), $names),
            picked: isset($names[$picked]) ? $picked : '',
            fitted: array_values(Entry::inForce($fitted)->map(fn (Entry $entry): array => [
                Day::at($entry->happened_at, $household->zone()),
                $this->words->describe($entry->decode(), $machine, $entry->part, $household->measures),
            ])->all()),
            documents: array_values($machine->documents()->orderBy('added_at')->get()->all()),
            today: Day::at($this->clock->now(), $household->zone()),
        );
    }
}
