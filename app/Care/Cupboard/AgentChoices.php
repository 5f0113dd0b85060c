<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Models\Household;
use GoodRinse\Core\Cupboard\Cost\PriceBook;
use GoodRinse\Core\Cupboard\Demand;
use GoodRinse\Core\Handbook\Handbook;

/** Compares what the tasks of a year would cost with one acid or another; the time they take is the same. */
final readonly class AgentChoices
{
    public function __construct(private NeedReader $needs, private JobSupplyReader $jobs, private Handbook $handbook)
    {
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<AgentChoice> of tasks for which something else would do
     */
    public function of(Household $household, array $machines, PriceBook $prices): array
    {
        $supplies = $this->handbook->chemistry()->supplies;
        $tasks = [];
        foreach ($machines as $care) {
            foreach ($care->tasks as $task) {
                $tasks["{$care->machine->id}:$task->id"] = [$care, $task];
            }
        }
        $choices = [];
        foreach ($this->needs->of($household) as $agent => $demands) {
            $byTask = [];
            foreach (isset($supplies[$agent]) ? $demands : [] as $demand) {
                $byTask[$demand->task][] = $demand;
            }
            foreach ($byTask as $id => $some) {
                if (!isset($tasks[$id])) {
                    continue;
                }
                [$care, $task] = $tasks[$id];
                $instead = $this->jobs->substitutes($care, $task->fullest(), $agent, $household);
                if ([] === $instead) {
                    continue;
                }
                $years = [$agent => array_sum(array_map(static fn (Demand $demand): float => $demand->amount, $some))];
                foreach ($instead as $other => $portion) {
                    $years[$other] = count($some) * ($supplies[$other]->inUnit($portion) ?? 0.0);
                }
                $priced = [];
                foreach ($years as $each => $amount) {
                    $price = $prices->last($each);
                    $priced[$each] = [$amount, null === $price ? null : $amount * $price];
                }
                $choices[] = new AgentChoice($task, count($some), $priced);
            }
        }

        return $choices;
    }
}
