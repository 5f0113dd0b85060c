<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Estimate;

/** What a procedure takes from the cupboard on one machine, with what is expected to be found. */
final readonly class JobSupplies
{
    /**
     * @param array<string, array<string, float>> $poured amounts by agent and unit: "ml", "g" or "pieces"
     * @param array<string, int> $fitted how many of each part go in
     * @param list<string> $tools ids of the kit
     * @param int $runs how often the machine runs
     * @param float $minutes of hands
     */
    public function __construct(
        public array $poured = [],
        public array $fitted = [],
        public array $tools = [],
        public int $runs = 0,
        public float $minutes = 0.0,
    ) {
    }

    /** @param array<string, string> $answers that are expected, by step */
    public static function of(Procedure $procedure, array $answers): self
    {
        $poured = $fitted = $tools = [];
        $runs = 0;
        foreach (self::steps($procedure, $answers) as $step) {
            foreach ($step->amounts as $amount) {
                $unit = $amount->portion->unit->value;
                $poured[$amount->agent][$unit] = ($poured[$amount->agent][$unit] ?? 0.0) + $amount->portion->count;
            }
            if (null !== $step->fits) {
                $fitted[$step->fits] = ($fitted[$step->fits] ?? 0) + 1;
            }
            array_push($tools, ...$step->tools);
            $runs += $step->runsTheMachine() ? 1 : 0;
        }

        return new self($poured, $fitted, array_values(array_unique($tools)), $runs, Estimate::of($procedure, $answers)->hands->value);
    }

    /**
     * @param array<string, string> $answers that are expected, by step
     *
     * @return list<Step> that are likely to be done
     */
    public static function steps(Procedure $procedure, array $answers): array
    {
        return array_values(array_filter($procedure->steps, static fn (Step $step): bool => $step->if->holds($answers)));
    }
}
