<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Rhythm\Clock;

/**
 * Learns a clock's interval from its openings, oldest first.
 *
 * Foulings a use have a Gamma belief; each opening adds the foulings it found to the shape and the uses
 * since the opening before to the rate, with older openings, and the start among them, fading. An opening that was
 * measured weighs more than one judged by eye. The interval in force is rate over shape, held to at most double and at
 * least half of the one before and to the clock's bounds.
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
        $steps = $this->run($clock, false);
        $last = $steps[count($steps) - 1] ?? null;
        if ($clock->kept) {
            return new LearnedInterval(
                $clock->start,
                $this->model->priorWeight,
                $this->model->priorWeight * $clock->start,
                $clock->start,
                $clock->start,
                $this->openings($clock),
                $last,
                null === $last ? null : $last->after,
            );
        }
        $interval = $last->after ?? $clock->start;
        [$alpha, $beta] = [$last->alpha ?? $this->model->priorWeight, $last->beta ?? $this->model->priorWeight * $clock->start];
        [$earliest, $latest] = $this->window($alpha, $beta, $interval, $clock);

        return new LearnedInterval($interval, $alpha, $beta, $earliest, $latest, $this->openings($clock), $last);
    }

    /**
     * Every step that led to the interval, for a page that shows them all.
     *
     * @return array<int, LearningStep> of each observation that counted uses, by its place among the clock's
     */
    public function steps(Clock $clock): array
    {
        return $this->run($clock, true);
    }

    /**
     * @param bool $all whether every step is wanted, or only the last
     *
     * @return array<int, LearningStep> by place; under 0 where only the last is wanted
     */
    private function run(Clock $clock, bool $all): array
    {
        $fade = 0.5 ** (1 / $this->model->memory);
        [$stretch, $least, $most] = [$this->model->stretch, $clock->least, $clock->most];
        [$interval, $seen, $foulings, $uses, $left, $steps] = [$clock->start, 0, 0.0, 0.0, 0.0, []];
        $counting = static fn (Observation $each): bool => $each->uses > 0;
        $end = $all ? null : array_key_last(array_filter($clock->observations, $counting));
        foreach ($clock->observations as $i => $observation) {
            if ($counting($observation)) {
                $lay = $left;
                $added = $this->curve->foulings($observation->found) - $left;
                $added = $added > 0 ? $added : 0.0;
                $counts = $observation->measured ? $this->model->measuredWeight : 1.0;
                $foulings = $foulings * $fade + $counts * $added;
                $uses = $uses * $fade + $counts * $observation->uses;
                $weight = $this->startWeighs(++$seen);
                $prior = $weight * $clock->start;
                $before = $interval;
                $evidence = ($prior + $uses) / ($weight + $foulings);
                $interval = self::between($before / $stretch, $evidence, $before * $stretch);
                $interval = self::between($least, $interval, $most);
                if ($all || $i === $end) {
                    $steps[$all ? $i : 0] = new LearningStep(
                        observation: $observation,
                        foulings: $added,
                        left: $lay,
                        alpha: $weight + $foulings,
                        beta: $prior + $uses,
                        evidence: $evidence,
                        before: $before,
                        after: $interval,
                        limit: $this->limit($evidence, $before, $clock),
                        startWeighs: $weight,
                    );
                }
            }
            $left = $this->curve->foulings($observation->left);
        }

        return $steps;
    }

    /** Openings' worth of trust in the start after so many openings: it fades as any old opening does. */
    private function startWeighs(int $openings): float
    {
        return $this->model->priorWeight * max(0.5 ** ($openings / $this->model->memory), $this->model->priorLeast);
    }

    private function openings(Clock $clock): int
    {
        $openings = 0;
        foreach ($clock->observations as $observation) {
            $openings += $observation->uses > 0 ? 1 : 0;
        }

        return $openings;
    }

    /** What kept the interval from following the evidence. */
    private function limit(float $evidence, float $before, Clock $clock): Limit
    {
        $held = self::between($before / $this->model->stretch, $evidence, $before * $this->model->stretch);

        return match (true) {
            $held < $clock->least => Limit::Least,
            $held > $clock->most => Limit::Most,
            $held < $evidence => Limit::Doubled,
            $held > $evidence => Limit::Halved,
            default => Limit::None,
        };
    }

    /** @return array{float, float} */
    private function window(float $alpha, float $beta, float $interval, Clock $clock): array
    {
        [$low, $high] = $this->model->windowQuantiles;

        return [
            min($interval, self::between($clock->least, 1 / GammaQuantile::at($high, $alpha, $beta), $clock->most)),
            max($interval, self::between($clock->least, 1 / GammaQuantile::at($low, $alpha, $beta), $clock->most)),
        ];
    }

    private static function between(float $least, float $value, float $most): float
    {
        return $value < $least ? $least : ($value > $most ? $most : $value);
    }
}
