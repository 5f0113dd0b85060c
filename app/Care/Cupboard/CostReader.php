<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Models\Household;
use App\Models\HouseholdSupply;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Cupboard\Cost\CostKind;
use GoodRinse\Core\Cupboard\Cost\PriceBook;
use GoodRinse\Core\Cupboard\Cost\Saving;
use GoodRinse\Core\Cupboard\StockLedger;
use GoodRinse\Core\Handbook\Chemistry\MachineRun;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;

/** Reads what a household's care has cost: what was poured and fitted at the price it was bought for, calls, runs and time. */
final readonly class CostReader
{
    private const MINUTES = 60.0;

    public function __construct(private Handbook $handbook, private SupplyCatalog $catalog, private JobSupplyReader $jobs)
    {
    }

    /** @param list<MachineCare> $machines */
    public function of(Household $household, array $machines): CostBook
    {
        $entries = StockEntries::of($household);
        $supplies = $this->catalog->of(HouseholdSupply::of($household), array_map(
            static fn (Entry $entry): string => StockLedger::about($entry->payload, $entries->machines[$entry->id] ?? null)[0],
            $entries->entries,
        ));
        $prices = PriceBook::of($supplies, $entries->entries, $household->currency);
        $rounds = Round::query()->where('household_id', $household->id)->whereNotNull('ended_at')
            ->get(['id', 'machine_id', 'task', 'procedures', 'started_at']);
        $traces = Trace::query()->with('machine')->where('household_id', $household->id)
            ->whereIn('ended_how', [Trace::FIXED, Trace::CALLED])->get();
        $tasks = $rounds->pluck('task', 'id')->all();
        $costs = $bought = [];
        foreach ($entries->entries as $entry) {
            $year = self::year($entry->happenedAt, $household);
            $purchase = $entry->payload instanceof Purchase ? $entry->payload : null;
            if (null !== $purchase?->price && !PriceBook::isForeign($purchase, $household->currency)) {
                $bought[$year] = ($bought[$year] ?? 0.0) + $purchase->price;
            }
            $task = $tasks[$entries->rounds[$entry->id] ?? ''] ?? '';
            $cost = self::cost($entry, $year, $entries->machines[$entry->id] ?? '', is_string($task) ? $task : '', $supplies, $prices);
            if (null !== $cost) {
                $costs[] = $cost;
            }
        }
        krsort($bought);

        return new CostBook(
            [...$costs, ...self::calls($traces->where('ended_how', Trace::CALLED)->all(), $household), ...$this->rounds(
                array_values($rounds->all()),
                $machines,
                $household,
            )],
            $prices,
            $bought,
            $this->saving(array_values($traces->where('ended_how', Trace::FIXED)->all()), $household),
        );
    }

    /** @param array<string, Supply> $supplies */
    private static function cost(Entry $entry, int $year, string $machine, string $task, array $supplies, PriceBook $prices): ?Cost
    {
        $payload = $entry->payload;
        $kind = match (true) {
            $payload instanceof Dose => CostKind::Supplies,
            $payload instanceof PartFitted => CostKind::Parts,
            $payload instanceof Disposal => CostKind::Waste,
            default => null,
        };
        [$id, $portion] = StockLedger::about($payload, $machine);
        $amount = null === $portion ? null : ($supplies[$id] ?? null)?->inUnit($portion);
        if (null === $kind || null === $amount) {
            return null;
        }
        $price = $prices->at($id, $entry->happenedAt);
        $paid = $payload instanceof PartFitted ? $payload->price : null;

        return new Cost($year, $machine, $task, $kind, $paid ?? (null === $price ? null : $price * $amount), $entry->id);
    }

    /**
     * @param array<Trace> $called
     *
     * @return list<Cost>
     */
    private static function calls(array $called, Household $household): array
    {
        return array_values(array_map(static fn (Trace $trace): Cost => new Cost(
            self::year(($trace->ended_at ?? $trace->begun_at)->toDateTimeImmutable(), $household),
            $trace->machine_id,
            '',
            CostKind::Calls,
            $trace->cost,
            $trace->id,
        ), $called));
    }

    /**
     * Runs of the machine and a person's time, as each job usually has them.
     *
     * @param list<Round> $rounds
     * @param list<MachineCare> $machines
     *
     * @return list<Cost>
     */
    private function rounds(array $rounds, array $machines, Household $household): array
    {
        $cares = $jobs = $costs = [];
        foreach ($machines as $care) {
            $cares[$care->machine->id] = $care;
        }
        foreach ($rounds as $round) {
            $care = $cares[$round->machine_id] ?? null;
            if (null === $care) {
                continue;
            }
            $run = $this->run($care->machine);
            $runs = $minutes = 0.0;
            foreach ($round->procedures as $procedure) {
                $job = $jobs["$round->machine_id $procedure"] ??= $this->jobs->of($care, $procedure, $household);
                $runs += $job->runs;
                $minutes += $job->minutes;
            }
            $year = self::year($round->started_at->toDateTimeImmutable(), $household);
            $cost = static fn (CostKind $kind, ?float $money): Cost => new Cost(
                $year,
                $round->machine_id,
                $round->task,
                $kind,
                $money,
                $round->id,
            );
            if (null !== $run && $runs > 0 && (null !== $household->water_price || null !== $household->power_price)) {
                $costs[] = $cost(CostKind::Runs, $runs * $run->cost($household->water_price ?? 0.0, $household->power_price ?? 0.0));
            }
            if ($household->counts_time && $minutes > 0) {
                $costs[] = $cost(CostKind::Time, $minutes / self::MINUTES * $household->hour_value);
            }
        }

        return $costs;
    }

    /** What one run takes: as the label of the machine has it, or as its kind usually does; null for what does not run. */
    private function run(Machine $machine): ?MachineRun
    {
        $usual = $this->handbook->cupboard()->runs[$machine->kind] ?? null;

        return null === $usual ? null : new MachineRun(
            $machine->worth['litres'] ?? $usual->litres,
            $machine->worth['power'] ?? $usual->power,
        );
    }

    /** @param list<Trace> $fixed */
    private function saving(array $fixed, Household $household): Saving
    {
        $spent = 0.0;
        $fixes = 0;
        foreach ($fixed as $trace) {
            // What did not hold was no fix.
            if (false !== $trace->held) {
                ++$fixes;
                $spent += $this->handbook->trouble($trace->machine->kind)->actions[$trace->fixed_by ?? '']->supplies ?? 0.0;
            }
        }

        return new Saving($fixes, $household->call_fee, $spent);
    }

    private static function year(\DateTimeImmutable $at, Household $household): int
    {
        return (int) $at->setTimezone($household->zone())->format('Y');
    }
}
