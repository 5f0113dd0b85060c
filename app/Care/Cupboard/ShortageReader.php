<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Models\Household;
use GoodRinse\Core\Handbook\Chemistry\SupplyKind;
use GoodRinse\Core\Quantity\Portion;

/** Reads for which jobs of the next days something is missing, and what else would do. */
final readonly class ShortageReader
{
    public function __construct(private CupboardReader $reader, private JobSupplyReader $jobs)
    {
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<Shortage> the soonest first; of supplies only of which somebody has said how much there is
     */
    public function of(Household $household, array $machines): array
    {
        if (!StockEntries::isAny($household)) {
            return [];
        }
        $cupboard = $this->reader->of($household);
        $shortages = [];
        foreach ($cupboard->stocks as $id => $stock) {
            $run = $stock->isKnown() ? $cupboard->runsOut($id, $cupboard->rule->tell) : null;
            if (null !== $run && '' !== $run->task) {
                $shortages[] = new Shortage(
                    $stock->supply,
                    $cupboard->name($id),
                    $run,
                    SupplyKind::Agent === $stock->supply->kind ? $this->instead($cupboard, $id, $run->task, $household, $machines) : [],
                    null !== $cupboard->buy($id),
                );
            }
        }
        usort($shortages, static fn (Shortage $a, Shortage $b): int => [$a->run->day, $a->name] <=> [$b->run->day, $b->name]);

        return $shortages;
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return array<string, array{Portion, bool}> what is there first
     */
    private function instead(Cupboard $cupboard, string $agent, string $task, Household $household, array $machines): array
    {
        [$machine, $id] = explode(':', $task, 2);
        $found = [];
        foreach ($machines as $care) {
            if ($care->machine->id === $machine && isset($care->tasks[$id])) {
                foreach ($this->jobs->substitutes($care, $care->tasks[$id]->fullest(), $agent, $household) as $other => $portion) {
                    $stock = $cupboard->stocks[$other];
                    $found[$other] = [$portion, $stock->level >= ($stock->supply->inUnit($portion) ?? INF)];
                }
            }
        }
        uasort($found, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $found;
    }
}
