<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/**
 * The least expected cost there is, over every order of checks and actions: what the troubleshooter is measured by.
 *
 * Dynamic programming over what was answered and what failed; for small models only.
 */
final class OptimalPolicy
{
    /** @var array<string, array{float, string, string}> least cost, kind and id of the best card, by what is known */
    private array $known = [];

    public function __construct(private readonly FaultModel $model)
    {
    }

    /** Expected cost of the best policy. */
    public function cost(): float
    {
        return $this->best($this->model->weights, [], [])[0];
    }

    /**
     * What the best policy does next.
     *
     * @return array{string, string} kind as in Card, and id
     */
    public function next(Evidence $evidence): array
    {
        $belief = $this->model->weights;
        $answers = [];
        foreach ($evidence->answers as [$id, $result]) {
            $belief = Belief::given($belief, $this->model->check($id)->results[$result] ?? []);
            $answers[$id] = $result;
        }
        foreach ($evidence->failed as $id) {
            $belief = Belief::without($belief, $this->model->action($id));
        }
        [, $kind, $id] = $this->best($belief, $answers, array_fill_keys($evidence->failed, true));

        return [$kind, $id];
    }

    /**
     * @param array<int, float> $belief
     * @param array<string, string> $answers
     * @param array<string, true> $failed
     *
     * @return array{float, string, string}
     */
    private function best(array $belief, array $answers, array $failed): array
    {
        ksort($answers);
        ksort($failed);
        $key = json_encode([$answers, array_keys($failed)], JSON_THROW_ON_ERROR);
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $whole = array_sum($belief);
        if ($whole <= 0) {
            return [0.0, RankedOption::CALL, RankedOption::CALL];
        }
        $best = [$this->model->callFee, RankedOption::CALL, RankedOption::CALL];
        foreach ($this->model->actions as $action) {
            if (!isset($failed[$action->id])) {
                $left = Belief::without($belief, $action);
                $cost = $action->cost + array_sum($left) / $whole * $this->best($left, $answers, $failed + [$action->id => true])[0];
                $best = $cost < $best[0] ? [$cost, RankedOption::ACTION, $action->id] : $best;
            }
        }
        foreach ($this->model->checks as $check) {
            if (!isset($answers[$check->id])) {
                $cost = $check->cost;
                foreach ($check->results as $result => $chances) {
                    $given = Belief::given($belief, $chances);
                    $weight = array_sum($given);
                    $cost += $weight > 0 ? $weight / $whole * $this->best($given, [$check->id => $result] + $answers, $failed)[0] : 0.0;
                }
                $best = $cost < $best[0] ? [$cost, RankedOption::CHECK, $check->id] : $best;
            }
        }

        return $this->known[$key] = $best;
    }
}
