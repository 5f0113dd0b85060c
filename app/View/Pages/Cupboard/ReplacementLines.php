<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\CostBook;
use App\Care\MachineCare;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Cupboard\Cost\CostKind;
use GoodRinse\Core\Cupboard\Cost\CostTotal;
use GoodRinse\Core\Cupboard\Cost\Replacement;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Says of each machine what its repairs have cost, and up to what another one pays. */
final readonly class ReplacementLines
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<ReplacementLine> of those that can be bought
     */
    public function of(array $machines, CostBook $book, Household $household): array
    {
        $lines = [];
        foreach ($machines as $care) {
            if (Machine::KITCHEN !== $care->machine->kind) {
                $lines[] = $this->line($care->machine, $book, $household);
            }
        }

        return $lines;
    }

    private function line(Machine $machine, CostBook $book, Household $household): ReplacementLine
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $bought = null === $machine->bought_on ? null : Day::of($machine->bought_on);
        $repairs = CostTotal::of(array_filter($book->costs, static fn (Cost $cost): bool => $cost->machine === $machine->id
            && in_array($cost->kind, [CostKind::Calls, CostKind::Parts], true)));
        $facts = self::text(null === $bought ? 'repairs_undated' : 'repairs', [
            'money' => Money::paid($repairs->money, $household),
            'day' => null === $bought ? '' : Dates::short($bought, $today),
        ]).(0 === $repairs->unpriced ? '' : ' '.Scalar::text(trans_choice('places/costs.unpriced', $repairs->unpriced)).'.');
        if (!isset($machine->worth['price'], $machine->worth['lasts'], $machine->worth['left'])) {
            return new ReplacementLine($machine, $facts, []);
        }
        $age = null === $bought ? null : (float) $today->since($bought);
        $worth = new Replacement($machine->worth['price'], $machine->worth['lasts'], $machine->worth['left'], $repairs->money, $age);
        $perYear = $worth->repairsPerYear();

        return new ReplacementLine($machine, $facts, array_values(array_filter([
            trans_choice('places/costs.new_year', $worth->lasts, [
                'money' => Money::paid($worth->newPerYear(), $household),
                'price' => Money::paid($worth->price, $household),
                'years' => Uses::number($worth->lasts),
            ]),
            null === $perYear ? null : self::text('repairs_year', ['money' => Money::paid($perYear, $household)]),
            trans_choice('places/costs.most', $worth->left, [
                'money' => Money::paid($worth->mostForRepair(), $household),
                'years' => Uses::number($worth->left),
            ]),
        ])));
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("places/costs.$key", $values));
    }
}
