<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\AgentChoices;
use App\Care\Cupboard\CostBook;
use App\Care\Cupboard\CostReader;
use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Support\Scalar;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Cupboard\Cost\CostKind;
use GoodRinse\Core\Cupboard\Cost\CostTotal;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What care costs by year, machine and task, whether another acid would cost less, what was saved, and whether a repair pays. */
final readonly class CostPage
{
    public function __construct(
        private CareReader $care,
        private CostReader $reader,
        private AgentChoices $agents,
        private Handbook $handbook,
        private ReplacementLines $worth,
        private PurchaseLines $purchases,
        private ClockInterface $clock,
    ) {
    }

    /** @param int|null $asked year whose tasks are told; null for the latest */
    public function for(Household $household, ?int $asked = null): CostData
    {
        $machines = $this->care->household($household);
        $book = $this->reader->of($household, $machines);
        $byYear = CostTotal::by($book->costs, static fn (Cost $cost): int => $cost->year);
        krsort($byYear);
        $years = array_map(intval(...), array_keys($byYear));
        $year = in_array($asked, $years, true) ? $asked : $years[0] ?? null;
        $kinds = array_values(array_filter(CostKind::cases(), static fn (CostKind $kind): bool => [] !== array_filter(
            $book->costs,
            static fn (Cost $cost): bool => $cost->kind === $kind,
        )));

        return new CostData(
            household: $household,
            today: Day::at($this->clock->now(), $household->zone()),
            head: null === $year ? self::text('head_none') : self::text('head', [
                'money' => Money::paid($byYear[$year]->money, $household),
                'year' => (string) $year,
            ]),
            kinds: array_map(static fn (CostKind $kind): string => self::text("kind.$kind->value"), $kinds),
            years: array_map(
                static fn (int $each): CostLine => self::line((string) $each, $byYear[$each], $kinds, $household),
                $years,
            ),
            year: $year,
            choices: $years,
            perMachine: null === $year ? [] : $this->groups(
                $book,
                $year,
                self::machineNames($machines),
                static fn (Cost $cost): string => $cost->machine,
                $kinds,
                $household,
            ),
            tasks: null === $year ? [] : $this->groups(
                $book,
                $year,
                self::taskNames($machines),
                static fn (Cost $cost): string => "$cost->machine:$cost->task",
                $kinds,
                $household,
            ),
            bought: null === $year || !isset($book->bought[$year]) ? '' : self::text('bought', [
                'money' => Money::paid($book->bought[$year], $household),
                'year' => (string) $year,
            ]),
            agents: $this->agents($household, $machines, $book),
            saving: self::saving($book, $household),
            machines: $this->worth->of($machines, $book, $household),
            purchases: $this->purchases->latest($household),
            notes: array_values(array_filter([
                $book->prices->others > 0 ? Scalar::text(trans_choice('places/costs.others', $book->prices->others)) : null,
                null === $household->water_price && null === $household->power_price ? self::text('no_runs') : null,
            ])),
        );
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return array<string, string> by id
     */
    private static function machineNames(array $machines): array
    {
        return array_combine(
            array_map(static fn (MachineCare $care): string => $care->machine->id, $machines),
            array_map(static fn (MachineCare $care): string => $care->machine->name, $machines),
        );
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return array<string, string> by "machine:task"
     */
    private static function taskNames(array $machines): array
    {
        $names = [];
        foreach ($machines as $care) {
            $names["{$care->machine->id}:"] = self::text('by_hand', ['machine' => $care->machine->name]);
            foreach ($care->tasks as $task) {
                $names["{$care->machine->id}:$task->id"] = "{$task->name()}, {$care->machine->name}";
            }
        }

        return $names;
    }

    /**
     * @param array<string, string> $names
     * @param \Closure(Cost): string $by
     * @param list<CostKind> $kinds
     *
     * @return list<CostLine>
     */
    private function groups(CostBook $book, int $year, array $names, \Closure $by, array $kinds, Household $household): array
    {
        $of = array_filter($book->costs, static fn (Cost $cost): bool => $cost->year === $year);
        $lines = [];
        foreach (CostTotal::by($of, $by) as $key => $sum) {
            $lines[] = self::line($names[$key] ?? self::text('elsewhere'), $sum, $kinds, $household);
        }

        return $lines;
    }

    /** @param list<CostKind> $kinds */
    private static function line(string $name, CostTotal $sum, array $kinds, Household $household): CostLine
    {
        return new CostLine(
            $name,
            array_map(
                static fn (CostKind $kind): string => isset($sum->byKind[$kind->value])
                    ? Money::paid($sum->byKind[$kind->value], $household) : '',
                $kinds,
            ),
            Money::paid($sum->money, $household),
            0 === $sum->unpriced ? '' : Scalar::text(trans_choice('places/costs.unpriced', $sum->unpriced)),
        );
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<array{string, list<string>}>
     */
    private function agents(Household $household, array $machines, CostBook $book): array
    {
        $lines = [];
        $supplies = $this->handbook->chemistry()->supplies;
        foreach ($this->agents->of($household, $machines, $book->prices) as $choice) {
            $costs = [];
            foreach ($choice->years as $agent => [$amount, $money]) {
                $costs[] = self::text(null === $money ? 'agent_unpriced' : 'agent', [
                    'agent' => $this->handbook->agent($agent)->name,
                    'amount' => SupplyLines::amount($amount, $supplies[$agent], $household),
                    'money' => null === $money ? '' : Money::paid($money, $household),
                ]);
            }
            $lines[] = [Scalar::text(trans_choice('places/costs.agent_task', $choice->times, [
                'task' => "{$choice->task->name()}, {$choice->task->machine->name}",
                'count' => Uses::small($choice->times),
            ])), $costs];
        }

        return $lines;
    }

    /** @return list<string> */
    private static function saving(CostBook $book, Household $household): array
    {
        $saving = $book->saving;

        return 0 === $saving->fixes ? [] : [
            Scalar::text(trans_choice('places/costs.saved', $saving->fixes, [
                'count' => Uses::small($saving->fixes),
                'least' => Money::of($saving->least(), $household),
                'most' => Money::of($saving->most(), $household),
            ])),
            self::text('saved_how', [
                'count' => (string) $saving->fixes,
                'fee' => Money::of($saving->fee, $household),
                'spent' => Money::paid($saving->spent, $household),
                'most' => Money::paid($saving->most(), $household),
                'least' => Money::paid($saving->least(), $household),
            ]),
        ];
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/costs.$key", $values));
    }
}
