<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;
use GoodRinse\Core\Rhythm\Learning\IntervalLearner;
use GoodRinse\Core\Rhythm\Learning\LearningStep;

/** The arithmetic behind a date, one clock at a time, with every number that was used. */
final readonly class Workings
{
    /**
     * @param float $opening foulings that reach the clean-by line: h* of the curve
     * @param list<array{OpeningRecord, LearningStep}> $steps each opening that taught something, oldest first, with
     *     what it did
     * @param float $left foulings left in place by the last opening
     * @param array{float, float} $quantiles of the belief that bound the window
     */
    private function __construct(
        public ClockState $reading,
        public float $opening,
        public array $steps,
        public float $left,
        public array $quantiles,
        public ?Day $dueOn,
    ) {
    }

    /**
     * @param list<OpeningRecord> $openings those that the clock's observations stand for, in the same order
     * @param Day|null $dueOn day on which this clock alone would make it due
     */
    public static function of(ClockState $reading, array $openings, RhythmModel $model, ?Day $dueOn): self
    {
        $learner = new IntervalLearner($model);
        $curve = new FoulingCurve($model);
        $steps = [];
        foreach ($learner->steps($reading->clock) as $i => $step) {
            if (isset($openings[$i])) {
                $steps[] = [$openings[$i], $step];
            }
        }
        $last = $reading->clock->observations[count($reading->clock->observations) - 1] ?? null;

        return new self(
            $reading,
            -log(1 - $model->cleanBy),
            $steps,
            null === $last ? 0.0 : $curve->foulings($last->left),
            $model->windowQuantiles,
            $dueOn,
        );
    }

    /**
     * The interval that was in force from each day on.
     *
     * @return list<array{Day|null, float}> null for the start
     */
    public function inForce(): array
    {
        $line = [[null, $this->reading->clock->start]];
        foreach ($this->steps as [$opening, $step]) {
            $line[] = [$opening->day, $step->after];
        }

        return $line;
    }
}
