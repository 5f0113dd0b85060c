<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\CostReader;
use App\Care\Cupboard\CupboardReader;
use App\Care\Cupboard\StockEntries;
use App\Care\Cupboard\SupplyNames;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Csv;
use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Quantity\Day;

/** What was bought, what is there, and what it cost, as tables. */
final readonly class CupboardTables
{
    public const ALL = ['purchases', 'stock', 'costs'];

    public function __construct(
        private CupboardReader $cupboard,
        private CostReader $costs,
        private CareReader $care,
        private SupplyNames $names,
    ) {
    }

    /** Null where there is no table of that name. */
    public function csv(string $table, Household $household): ?string
    {
        return match ($table) {
            'purchases' => Csv::write(
                ['date', 'what', 'supply', 'package', 'unit', 'count', 'price', 'currency', 'shop', 'id'],
                $this->purchases($household),
            ),
            'stock' => Csv::write(
                ['supply', 'what', 'unit', 'left', 'doubt', 'bought', 'used', 'thrown_away', 'found', 'missing', 'place', 'runs_out'],
                $this->stock($household),
            ),
            'costs' => Csv::write(['year', 'machine', 'task', 'kind', 'money', 'from'], $this->costs($household)),
            default => null,
        };
    }

    /** @return list<list<string>> the earliest first */
    private function purchases(Household $household): array
    {
        $machines = $household->machines()->get()->keyBy(static fn (Machine $machine): string => strtolower($machine->id));
        $lines = [];
        foreach (StockEntries::of($household)->entries as $entry) {
            $bought = $entry->payload;
            if ($bought instanceof Purchase) {
                $lines[] = [
                    (string) Day::at($entry->happenedAt, $household->zone()),
                    $this->names->of($bought->supply, $machines[Supply::partOf($bought->supply)[0] ?? ''] ?? null),
                    $bought->supply,
                    (string) $bought->package->count,
                    $bought->package->unit->value,
                    (string) $bought->count,
                    null === $bought->price ? '' : number_format($bought->price, 2, '.', ''),
                    $bought->currency ?? '',
                    $bought->shop ?? '',
                    $entry->id,
                ];
            }
        }

        return $lines;
    }

    /** @return list<list<string>> */
    private function stock(Household $household): array
    {
        $cupboard = $this->cupboard->of($household);
        $number = static fn (float $much): string => (string) round($much, 2);
        $lines = [];
        foreach ($cupboard->stocks as $id => $stock) {
            if ($cupboard->concerns($id)) {
                $run = $cupboard->runsOut($id);
                $lines[] = [
                    $id,
                    $cupboard->name($id),
                    $stock->supply->unit->value,
                    $stock->isKnown() ? $number($stock->level) : '',
                    $number($stock->doubt()),
                    $number($stock->bought),
                    $number($stock->used),
                    $number($stock->gone),
                    $number($stock->found),
                    $number($stock->lost),
                    $cupboard->place($id),
                    null === $run ? '' : (string) $cupboard->today->plus($run->day),
                ];
            }
        }

        return $lines;
    }

    /** @return list<list<string>> */
    private function costs(Household $household): array
    {
        $machines = $this->care->household($household);
        $names = [];
        foreach ($machines as $care) {
            $names[$care->machine->id] = $care->machine->name;
        }

        return array_map(static fn (Cost $cost): array => [
            (string) $cost->year,
            $names[$cost->machine] ?? '',
            $cost->task,
            $cost->kind->value,
            null === $cost->money ? '' : (string) round($cost->money, 4),
            $cost->entry,
        ], $this->costs->of($household, $machines)->costs);
    }
}
