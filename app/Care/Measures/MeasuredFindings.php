<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Flow\ArmFinding;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Quantity\Day;

/** What the instruments found lately on a machine, for a trace that would ask the same. */
final readonly class MeasuredFindings
{
    /** Id of the arm under the lower rack in the handbook. */
    private const LOWER = 'lower';

    public function __construct(private Handbook $handbook, private MeasureReader $measures, private CupReader $cups)
    {
    }

    /**
     * @param string $instrument jets, motion or cup
     * @param Day $begun day on which the trace began
     *
     * @return string|null what it found; null when nothing was measured lately
     */
    public function of(string $instrument, Machine $machine, Household $household, Day $begun): ?string
    {
        return 'cup' === $instrument ? $this->cup($machine, $household, $begun) : $this->arms($instrument, $machine, $household, $begun);
    }

    private function cup(Machine $machine, Household $household, Day $begun): ?string
    {
        [$tests] = $this->cups->tests($machine);
        $last = $tests[count($tests) - 1] ?? null;

        return null !== $last && $this->isFresh($last[0]->at, $household, $begun) ? $last[1]->verdict->value : null;
    }

    private function arms(string $instrument, Machine $machine, Household $household, Day $begun): ?string
    {
        $maps = array_values(array_filter(
            $this->measures->maps($machine),
            static fn (MeasuredEntry $map): bool => JetMap::DRAWN !== $map->payload->means,
        ));
        $last = $maps[count($maps) - 1] ?? null;
        if (null === $last || !$this->isFresh($last->at, $household, $begun)) {
            return null;
        }

        return 'jets' === $instrument
            ? ArmFinding::jets($last->payload->arms, self::LOWER, $this->handbook->measureModel()->severalShut)
            : ArmFinding::motion($last->payload->arms);
    }

    private function isFresh(\DateTimeImmutable $at, Household $household, Day $begun): bool
    {
        return $this->handbook->asking()->isFresh(Day::at($at, $household->zone()), $begun);
    }
}
