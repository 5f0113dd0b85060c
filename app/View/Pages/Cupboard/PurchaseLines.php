<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Photo;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What was bought lately, with the receipts. */
final readonly class PurchaseLines
{
    private const MOST = 40;

    public function __construct(private EntryWords $words, private ClockInterface $clock)
    {
    }

    /** @return list<array{string, string|null}> in words, with the address of the receipt; the latest first */
    public function latest(Household $household): array
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $entries = Entry::inForce($household->entries()->where('kind', EntryKind::Purchase)->orderByDesc('happened_at')
            ->orderByDesc('seq')->limit(self::MOST)->get());
        $machines = $household->machines()->get()->keyBy('id');
        $receipts = Photo::query()->where('household_id', $household->id)->whereIn('entry_id', $entries->pluck('id'))
            ->get()->keyBy('entry_id');

        return array_values($entries->map(fn (Entry $entry): array => [
            Dates::short(Day::at($entry->happened_at, $household->zone()), $today).'. '.$this->words->describe(
                $entry->decode(),
                $machines[$entry->machine_id ?? ''] ?? null,
                $entry->part,
                $household->measures,
            ),
            isset($receipts[$entry->id]) ? route('photos.show', $receipts[$entry->id], false) : null,
        ])->all());
    }
}
