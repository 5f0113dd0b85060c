<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\RhythmModel;
use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Quantity\Day;

/** Uses a day, from what was counted lately or, while too little has been, from the declared habit. */
final readonly class UsageRate
{
    public function __construct(private RhythmModel $model)
    {
    }

    /**
     * @param array<int, float> $usesByDay   uses counted on each day, keyed by the day's number; days without a count are absent
     * @param Day|null          $countedFrom first day that was counted at all; from then on an absent day counts as no use
     * @param float             $declared    uses a day the household says it makes, 0 or more
     * @param Absences          $absences    days that count for nothing
     */
    public function perDay(array $usesByDay, ?Day $countedFrom, Day $asOf, float $declared, Absences $absences = new Absences()): float
    {
        if (!$this->isCounted($countedFrom, $asOf, $absences)) {
            return $declared;
        }
        $days = $this->days($countedFrom, $asOf);
        [$uses, $weight] = [0.0, 0.0];
        for ($age = 0; $age < $days; ++$age) {
            if (!$absences->isEmpty() && null !== $absences->until($asOf->plus(-$age))) {
                continue;
            }
            $fade = 0.5 ** ($age / $this->model->usageHalfLifeDays);
            $uses += $fade * ($usesByDay[$asOf->number - $age] ?? 0.0);
            $weight += $fade;
        }

        return $uses / $weight;
    }

    /** Whether enough days were counted for the counts to say how much a machine is used. */
    public function isCounted(?Day $countedFrom, Day $asOf, Absences $absences = new Absences()): bool
    {
        $days = $this->days($countedFrom, $asOf);

        return $days > 0 && $days - $absences->days($asOf->plus(-$days), $asOf) >= $this->model->usageMinCountedDays;
    }

    private function days(?Day $countedFrom, Day $asOf): int
    {
        return null === $countedFrom ? 0 : min($this->model->usageWindowDays, $asOf->since($countedFrom) + 1);
    }
}
