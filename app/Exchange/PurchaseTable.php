<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Care\Cupboard\SupplyCatalog;
use App\Models\Household;
use App\Models\Machine;
use App\Support\DerivedUlid;
use GoodRinse\Core\Device\TableFormat;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use Symfony\Component\Uid\Ulid;

/** A table of what a household has bought, or of what is left, read against the supplies it has here. */
final readonly class PurchaseTable
{
    public const COLUMNS = ['date', 'what', 'package', 'unit', 'count', 'price', 'shop', 'left', 'id'];
    public const MOST = 5000;

    /** What people call the columns, beside our own words. */
    private const CALLED = [
        'date' => ['date', 'day', 'when'],
        'what' => ['what', 'supply', 'name', 'item'],
        'package' => ['package', 'amount', 'size', 'how much'],
        'unit' => ['unit'],
        'count' => ['count', 'packages', 'quantity'],
        'price' => ['price', 'cost', 'paid'],
        'shop' => ['shop', 'where', 'store'],
        'left' => ['left', 'remaining', 'stock'],
        'id' => ['id'],
    ];

    /** What people write for a unit: what it is counted in, and how many of that. */
    private const UNITS = [
        'ml' => [PortionUnit::Millilitres, 1.0],
        'l' => [PortionUnit::Millilitres, 1000.0],
        'g' => [PortionUnit::Grams, 1.0],
        'kg' => [PortionUnit::Grams, 1000.0],
        'pieces' => [PortionUnit::Pieces, 1.0],
        'pcs' => [PortionUnit::Pieces, 1.0],
    ];

    /**
     * @param list<string> $header as the table has it
     * @param array<string, int|null> $columns place of each column; null where it has none
     * @param list<PurchaseLine> $good the earliest first
     * @param array<int, string> $bad what is wrong, by line
     * @param bool $isCut whether it has more lines than are read
     */
    private function __construct(public array $header, public array $columns, public array $good, public array $bad, public bool $isCut)
    {
    }

    /** @param array<string, int|null> $picked columns that somebody has matched; the others go by their names */
    public static function read(string $text, array $picked, Household $household, SupplyCatalog $catalog, Day $today): self
    {
        $table = ImportTable::read($text, self::CALLED, $picked, self::MOST - 1);
        $format = TableFormat::of(
            $table->column('date'),
            [...$table->column('package'), ...$table->column('price'), ...$table->column('left')],
        );
        $good = $bad = $seen = $known = [];
        foreach ($table->lines as $number => $cells) {
            $line = self::line($number, $cells, $household, $catalog, $format, $today, $known, $seen);
            $line instanceof PurchaseLine ? $good[] = $line : $bad[$number] = $line;
        }
        usort($good, static fn (PurchaseLine $a, PurchaseLine $b): int => $a->day->number <=> $b->day->number);

        return new self($table->header, $table->columns, $good, $bad, $table->isCut);
    }

    /**
     * @param array<string, string> $cells by column
     * @param array<string, array{Supply|null, Machine|null}> $known supplies that were looked for, with the machine of a part, by name
     * @param array<string, int> $seen how often each line was there already, by what it says
     *
     * @return PurchaseLine|string what is wrong
     */
    private static function line(
        int $number,
        array $cells,
        Household $household,
        SupplyCatalog $catalog,
        TableFormat $format,
        Day $today,
        array &$known,
        array &$seen,
    ): PurchaseLine|string {
        $isLook = '' !== $cells['left'];
        $moment = $format->moment($cells['date'], new \DateTimeZone('UTC'));
        $day = null === $moment ? ($isLook && '' === $cells['date'] ? $today : null) : Day::of($moment[0]->format('Y-m-d'));
        [$supply, $machine] = $known[$cells['what']] ??= self::supply($household, $catalog, $cells['what']);
        $given = $isLook ? $cells['left'] : $cells['package'];
        $size = '' === $given ? $supply->packages[0] ?? null : $format->number($given);
        $count = '' === $cells['count'] ? 1 : (ctype_digit($cells['count']) ? (int) $cells['count'] : 0);
        $price = '' === $cells['price'] ? null : $format->number($cells['price']) ?? -1.0;
        $unit = mb_strtolower($cells['unit']);
        [$of, $times] = self::UNITS['' === $unit ? ($supply->unit->value ?? '') : $unit] ?? [null, 0.0];
        $portion = null === $of || null === $size || $size < 0 ? null : Portion::of($size * $times, $of);
        $wrong = match (true) {
            null === $day => __('exchange.past.no_day', ['cell' => $cells['date']]),
            $day->isAfter($today) => __('exchange.past.future'),
            null === $supply => __('exchange.purchases.no_supply', ['cell' => $cells['what']]),
            null === $portion || ($portion->count <= 0 && !$isLook) => __('exchange.purchases.no_package', ['cell' => $given]),
            null === $supply->inUnit($portion) => __('exchange.purchases.no_unit', [
                'cell' => $cells['unit'],
                'unit' => $supply->unit->value,
            ]),
            default => null,
        };
        if (null !== $wrong) {
            return is_string($wrong) ? $wrong : '';
        }
        try {
            $shop = mb_substr($cells['shop'], 0, Purchase::LONGEST);
            $payload = $isLook ? new StockLook($supply->id, $portion) : new Purchase(
                $supply->id,
                $portion,
                $count,
                $price,
                '' === $shop ? null : $shop,
                null === $price ? null : $household->currency,
            );
        } catch (MalformedEntry) {
            return (string) __('exchange.purchases.no_number', ['count' => $cells['count'], 'price' => $cells['price']]);
        }
        // The same line twice in one table is two purchases; the same table sent twice is one.
        $says = json_encode([(string) $day, $payload->toArray()], JSON_THROW_ON_ERROR);
        $seen[$says] = $isLook ? 1 : ($seen[$says] ?? 0) + 1;
        $id = Ulid::isValid($cells['id']) ? mb_strtoupper($cells['id']) : DerivedUlid::of($household->id, "$says {$seen[$says]}");

        return new PurchaseLine($number, $id, $day, $cells['what'], $payload, $machine);
    }

    /** @return array{Supply|null, Machine|null} with the machine that a part goes into */
    private static function supply(Household $household, SupplyCatalog $catalog, string $what): array
    {
        return $catalog->find($household, $catalog->named($household, $what) ?? $what) ?? [null, null];
    }
}
