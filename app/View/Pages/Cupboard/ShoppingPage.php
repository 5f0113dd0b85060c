<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\Cupboard;
use App\Care\Cupboard\ShoppingLine;
use App\Care\Cupboard\ShoppingListReader;
use App\Care\Cupboard\StockFingerprint;
use App\Models\Entry;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Words\Amounts;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** The shopping list: what to buy, why, and what is in the basket already. */
final readonly class ShoppingPage
{
    /** Seconds for which what was bought stays in sight: a day. */
    private const BASKET = 86400;

    public function __construct(
        private ShoppingListReader $reader,
        private StockFingerprint $stock,
        private EntryWords $words,
        private ClockInterface $clock,
    ) {
    }

    public function for(Household $household): ShoppingData
    {
        $stamp = $this->stamp($household);
        [$cupboard, $lines] = $this->reader->of($household);
        $items = array_map(static fn (ShoppingLine $line): ShoppingItem => self::item($line, $cupboard, $household), $lines);
        $sure = array_values(array_filter($items, static fn (ShoppingItem $item): bool => !$item->isUnsure));
        $names = $cupboard->names;
        asort($names);

        return new ShoppingData(
            household: $household,
            today: $cupboard->today,
            stamp: $stamp,
            head: [] === $sure && [] !== $items
                ? self::text('head_look')
                : Scalar::text(trans_choice('places/cupboard.list.head', count($sure), ['count' => Uses::small(count($sure))])),
            lead: self::text([] === $items ? 'lead_none' : 'lead'),
            items: $sure,
            unsure: array_values(array_filter($items, static fn (ShoppingItem $item): bool => $item->isUnsure)),
            basket: $this->basket($household),
            total: self::total($lines, $household),
            names: $names,
        );
    }

    /** Changes with everything that the list follows from. */
    public function stamp(Household $household): string
    {
        return hash('xxh64', $this->stock->of($household).Day::at($this->clock->now(), $household->zone()));
    }

    public static function item(ShoppingLine $line, Cupboard $cupboard, Household $household): ShoppingItem
    {
        $supply = $cupboard->stocks[$line->supply]->supply;
        $need = $cupboard->needs[$line->supply] ?? null;
        [$unit, $size] = Amounts::measure($supply->unit, $household->measures);

        return new ShoppingItem(
            supply: $line->supply,
            tick: $line->tick,
            name: $cupboard->name($line->supply),
            what: SupplyLines::packages($line->buy, $supply, $household),
            price: null === $line->buy->price ? '' : Money::paid($line->buy->price, $household),
            notes: array_values(array_filter([
                null === $line->run ? null : self::text('for', [
                    'job' => Str::lcfirst($line->run->job),
                    'day' => Dates::short($cupboard->today->plus($line->run->day), $cupboard->today),
                ]),
                $line->isWished ? self::text('wished') : null,
                null === $need ? null : Scalar::text(__("places/cupboard.part.$need->stage")),
                null === $need?->number ? null : Scalar::text(__('places/cupboard.number', ['number' => $need->number])),
                $need?->note,
            ])),
            size: round($line->buy->package->size / $size, 2),
            unit: $unit,
            count: $line->buy->count,
            isUnsure: $line->isUnsure,
            isWished: $line->isWished,
        );
    }

    /** @param list<ShoppingLine> $lines */
    private static function total(array $lines, Household $household): ?string
    {
        $sure = array_filter($lines, static fn (ShoppingLine $line): bool => !$line->isUnsure);
        $priced = array_filter($sure, static fn (ShoppingLine $line): bool => null !== $line->buy->price);
        $sum = array_sum(array_map(static fn (ShoppingLine $line): float => $line->buy->price ?? 0.0, $priced));

        return [] === $priced ? null : self::text(count($priced) === count($sure) ? 'total' : 'total_part', [
            'price' => Money::paid($sum, $household),
        ]);
    }

    /** @return array<string, string> */
    private function basket(Household $household): array
    {
        $since = $this->clock->now()->modify(sprintf('-%d seconds', self::BASKET))->setTimezone(new \DateTimeZone('UTC'));
        $entries = $household->entries()->where('kind', EntryKind::Purchase)->where('happened_at', '>', $since->format('Y-m-d H:i:s'))
            ->orderByDesc('seq')->limit(100)->get();
        $machines = $household->machines()->get()->keyBy('id');
        $basket = [];
        foreach (Entry::inForce($entries) as $entry) {
            $machine = $machines[$entry->machine_id ?? ''] ?? null;
            $basket[$entry->id] = $this->words->describe($entry->decode(), $machine, $entry->part, $household->measures);
        }

        return $basket;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/cupboard.list.$key", $values));
    }
}
