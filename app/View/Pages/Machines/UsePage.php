<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\Readers\HistoryReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Usage\UseDay;
use Psr\Clock\ClockInterface;

/** How a machine was used, a day at a time, with what is counted, told and estimated apart. */
final readonly class UsePage
{
    private const WEEKS = 10;
    private const MOST_BACK = 520;

    public function __construct(private HistoryReader $histories, private Handbook $handbook, private ClockInterface $clock)
    {
    }

    /**
     * @param int $back weeks before this one at which the shown ones end
     */
    public function for(Machine $machine, Household $household, int $back): UseData
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $back = max(0, min($back, self::MOST_BACK));
        $use = $this->histories->use($machine, $household->zone(), $now);
        $first = $today->plus(1 - $today->weekday() - 7 * ($back + self::WEEKS - 1));
        $weeks = [];
        for ($week = 0; $week < self::WEEKS; ++$week) {
            $days = [];
            for ($i = 0; $i < 7; ++$i) {
                $day = $first->plus(7 * $week + $i);
                $days[] = [$day, $day->isAfter($today) ? null : $use->story($day->number)];
            }
            $weeks[] = $days;
        }

        return new UseData(
            machine: $machine,
            kind: $machine->kindIn($this->handbook),
            today: $today,
            weeks: $weeks,
            sums: array_map(
                static fn (array $days): float => array_sum(
                    array_map(static fn (array $each): float => $each[1] instanceof UseDay ? $each[1]->uses() : 0.0, $days),
                ),
                $weeks,
            ),
            rate: $use->rate(),
            measured: $use->isMeasured(),
            back: $back,
            step: self::WEEKS,
        );
    }
}
