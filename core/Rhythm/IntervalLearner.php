<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Handbook\RhythmModel;
use GoodRinse\Core\Quantity\Fraction;

/**
 * Learns a clock's interval from its openings, oldest first.
 *
 * Foulings a use have a Gamma belief; each opening adds the foulings it found to the shape and the uses
 * since the opening before to the rate, with older openings fading. The interval in force is rate over
 * shape, held to at most double and at least half of the one before and to the clock's bounds.
 *
 * Source: Gamma–Poisson conjugate update (any text on Bayesian inference) with exponential forgetting.
 */
final readonly class IntervalLearner
{
    private FoulingCurve $curve;

    public function __construct(private RhythmModel $model)
    {
        $this->curve = new FoulingCurve($model);
    }

    public function learn(Clock $clock): LearnedInterval
    {
        $fade = 0.5 ** (1 / $this->model->memory);
        $interval = $clock->start;
        [$foulings, $uses] = [0.0, 0.0];
        $left = Fraction::none();
        $steps = [];
        foreach ($clock->observations as $observation) {
            if ($observation->uses > 0) {
                $added = max(0.0, $this->curve->foulings($observation->found) - $this->curve->foulings($left));
                $foulings = $foulings * $fade + $added;
                $uses = $uses * $fade + $observation->uses;
                $evidence = ($this->model->priorWeight * $clock->start + $uses) / ($this->model->priorWeight + $foulings);
                [$after, $limit] = $this->limit($evidence, $interval, $clock);
                $steps[] = new LearningStep($observation, $added, $evidence, $interval, $after, $limit);
                $interval = $after;
            }
            $left = $observation->left;
        }
        $alpha = $this->model->priorWeight + $foulings;
        $beta = $this->model->priorWeight * $clock->start + $uses;
        [$earliest, $latest] = $this->window($alpha, $beta, $interval, $clock);

        return new LearnedInterval($interval, $alpha, $beta, $earliest, $latest, $steps);
    }

    /** @return array{float, Limit} */
    private function limit(float $evidence, float $before, Clock $clock): array
    {
        $held = min(max($evidence, $before / $this->model->stretch), $before * $this->model->stretch);
        $after = min(max($held, $clock->least), $clock->most);
        $limit = match (true) {
            $after > $held => Limit::Least,
            $after < $held => Limit::Most,
            $held < $evidence => Limit::Doubled,
            $held > $evidence => Limit::Halved,
            default => Limit::None,
        };

        return [$after, $limit];
    }

    /** @return array{float, float} */
    private function window(float $alpha, float $beta, float $interval, Clock $clock): array
    {
        [$low, $high] = $this->model->windowQuantiles;
        $clip = static fn (float $uses): float => min(max($uses, $clock->least), $clock->most);

        return [
            min($interval, $clip(1 / GammaQuantile::at($high, $alpha, $beta))),
            max($interval, $clip(1 / GammaQuantile::at($low, $alpha, $beta))),
        ];
    }
}
