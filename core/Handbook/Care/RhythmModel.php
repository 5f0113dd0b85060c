<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;

/** The constants of the rhythm model, as the handbook's rhythm.yaml states them. */
final readonly class RhythmModel
{
    /**
     * @param float $cleanBy blocked fraction at which a part should be cleaned, between 0 and 1
     * @param float $clip greatest blocked fraction computed with, below 1
     * @param float $priorWeight openings' worth of trust in the starting interval
     * @param float $priorLeast share of that trust which never fades, between 0 and 1
     * @param float $memory openings after which an observation counts half
     * @param float $measuredWeight weight of an opening that was counted or measured, against one graded by eye
     * @param float $stretch most that one opening may lengthen (or, inverted, shorten) the interval
     * @param array{float, float} $windowQuantiles lower and upper quantile of the belief that bound the window
     * @param array<string, float> $stateFrom wear at which settling, soon, due and overdue begin
     * @param float $usageHalfLifeDays days after which counted use weighs half
     * @param int $usageWindowDays days of counted use looked at
     * @param int $usageMinCountedDays counted days below which the declared habit stands
     */
    public function __construct(
        public float $cleanBy,
        public float $clip,
        public float $priorWeight,
        public float $priorLeast,
        public float $memory,
        public float $measuredWeight,
        public float $stretch,
        public array $windowQuantiles,
        public array $stateFrom,
        public float $usageHalfLifeDays,
        public int $usageWindowDays,
        public int $usageMinCountedDays,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $usage = $node->at('usage');
        $quantiles = array_values($node->at('windowQuantiles')->numbers());

        return new self(
            cleanBy: $node->number('cleanBy'),
            clip: $node->number('clip'),
            priorWeight: $node->number('priorWeight'),
            priorLeast: $node->has('priorLeast') ? $node->number('priorLeast') : 1.0, // rounds begun before it was there
            memory: $node->number('memory'),
            measuredWeight: $node->has('measuredWeight') ? $node->number('measuredWeight') : 1.0, // as priorLeast
            stretch: $node->number('stretch'),
            windowQuantiles: [min($quantiles ?: [0.1]), max($quantiles ?: [0.9])],
            stateFrom: $node->at('stateFrom')->numbers(),
            usageHalfLifeDays: $usage->number('halfLifeDays'),
            usageWindowDays: (int) $usage->number('windowDays'),
            usageMinCountedDays: (int) $usage->number('minCountedDays'),
        );
    }
}
