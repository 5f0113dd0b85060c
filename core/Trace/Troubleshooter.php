<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/**
 * Finds what is wrong at the least expected trouble: the front door of this folder.
 *
 * One cause is at fault. Actions are tried in the order of their chance to help over their cost; a check is worth its
 * cost when what it tells shortens the rest by more.
 *
 * Source: Heckerman, Breese, Rommelse, Decision-theoretic troubleshooting, CACM 38(3), 1995.
 */
final readonly class Troubleshooter
{
    /** By how much a check must beat going on without it. */
    private const SLACK = 1e-9;

    private RepairWalk $walk;

    public function __construct(private FaultModel $model)
    {
        $this->walk = new RepairWalk($model->callFee);
    }

    /**
     * How likely each cause is, given what is known.
     *
     * @return array<string, float> by cause, adding up to 1
     *
     * @throws ImpossibleEvidence when no cause is left
     * @throws UnknownOption when an answer or action is not in the model
     */
    public function posterior(Evidence $evidence): array
    {
        $belief = $this->belief($evidence);
        $sum = array_sum($belief);

        return array_combine($this->model->causes, array_map(static fn (float $weight): float => $weight / $sum, $belief));
    }

    /**
     * What to try, in order, when nothing more is looked at.
     *
     * @throws ImpossibleEvidence|UnknownOption
     */
    public function plan(Evidence $evidence): RepairPlan
    {
        [$cost, $left, $steps] = $this->walk->walk($this->belief($evidence), $this->untried($evidence), true);

        return new RepairPlan($steps, $cost, $left);
    }

    /**
     * The best next card: a check or an action, or the call when nothing is worth trying any more. A check that rules
     * out a danger comes before all others while the danger is possible.
     *
     * @throws ImpossibleEvidence|UnknownOption
     */
    public function next(Evidence $evidence): RankedOption
    {
        return $this->deck($evidence)[0];
    }

    /**
     * Every card that could be taken now, the best first; the cost of taking another is the difference of what they
     * expect.
     *
     * @return non-empty-list<RankedOption>
     *
     * @throws ImpossibleEvidence|UnknownOption
     */
    public function deck(Evidence $evidence): array
    {
        $belief = $this->belief($evidence);
        $untried = $this->untried($evidence);
        [$now, , $steps] = $this->walk->walk($belief, $untried, true);
        $best = isset($steps[0])
            ? new RankedOption(RankedOption::ACTION, $steps[0][0]->id, $steps[0][0]->cost, $steps[0][1], $now)
            : $this->call();
        $cards = [];
        foreach ($this->model->checks as $check) {
            if (!$evidence->isAnswered($check->id)) {
                $card = new RankedOption(
                    RankedOption::CHECK,
                    $check->id,
                    $check->cost,
                    null,
                    $check->cost + $this->afterwards($check, $belief, $untried),
                    $this->rulesOutDanger($check, $belief),
                );
                $cards[] = $card;
                if ($card->danger && !$best->danger || ($card->danger === $best->danger && $card->expect < $best->expect - self::SLACK)) {
                    $best = $card;
                }
            }
        }
        foreach ($untried as $action) {
            $cards[] = new RankedOption(
                RankedOption::ACTION,
                $action->id,
                $action->cost,
                $this->chance($action, $belief),
                $this->after($action, $belief, $untried),
            );
        }
        $cards[] = $this->call();
        $others = array_values(
            array_filter($cards, static fn (RankedOption $card): bool => $card->id !== $best->id || $card->kind !== $best->kind),
        );
        usort($others, static fn (RankedOption $a, RankedOption $b): int => [$b->danger, $a->expect] <=> [$a->danger, $b->expect]);

        return [$best, ...$others];
    }

    private function call(): RankedOption
    {
        return new RankedOption(RankedOption::CALL, RankedOption::CALL, $this->model->callFee, 1.0, $this->model->callFee);
    }

    /**
     * How likely each cause still is, not adding up to anything.
     *
     * @return array<int, float>
     */
    private function belief(Evidence $evidence): array
    {
        $belief = $this->model->weights;
        foreach ($evidence->answers as $place => [$id, $result]) {
            $belief = Belief::given($belief, $this->model->check($id)->results[$result] ?? throw UnknownOption::result($id, $result));
            if (array_sum($belief) <= 0) {
                throw ImpossibleEvidence::answer($place, $id, $result);
            }
        }
        foreach ($evidence->failed as $place => $id) {
            $belief = Belief::without($belief, $this->model->action($id));
            if (array_sum($belief) <= 0) {
                throw ImpossibleEvidence::failed($place, $id);
            }
        }

        return $belief;
    }

    /** @return list<Action> */
    private function untried(Evidence $evidence): array
    {
        return array_values(array_filter($this->model->actions, static fn (Action $action): bool => !$evidence->isTried($action->id)));
    }

    /**
     * Expected cost once a check's result is known.
     *
     * @param array<int, float> $belief
     * @param list<Action> $untried
     */
    private function afterwards(Check $check, array $belief, array $untried): float
    {
        $whole = array_sum($belief);
        $cost = 0.0;
        foreach ($check->results as $chances) {
            $given = Belief::given($belief, $chances);
            $weight = array_sum($given);
            if ($weight > 0) {
                $cost += $weight / $whole * $this->walk->walk($given, $untried)[0];
            }
        }

        return $cost;
    }

    /**
     * Expected cost when an action is taken first and the plan followed after it.
     *
     * @param array<int, float> $belief
     * @param list<Action> $untried
     */
    private function after(Action $action, array $belief, array $untried): float
    {
        $whole = array_sum($belief);
        $belief = Belief::without($belief, $action);
        $left = array_sum($belief);
        $others = array_values(array_filter($untried, static fn (Action $other): bool => $other !== $action));

        return $action->cost + ($left > 0 ? $left / $whole * $this->walk->walk($belief, $others)[0] : 0.0);
    }

    /** @param array<int, float> $belief */
    private function chance(Action $action, array $belief): float
    {
        $helps = 0.0;
        foreach ($action->fixes as $cause => $each) {
            $helps += $belief[$cause] * $each;
        }

        return $helps / array_sum($belief);
    }

    /**
     * Whether a check tells of a danger that is likely enough to be asked about first.
     *
     * @param array<int, float> $belief
     */
    private function rulesOutDanger(Check $check, array $belief): bool
    {
        if (!$check->hazard) {
            return false;
        }
        $whole = array_sum($belief);
        $danger = 0.0;
        foreach ($this->model->hazards as $cause) {
            $without = $belief;
            unset($without[$cause]);
            foreach ($check->results as $chances) {
                $usual = array_sum(Belief::given($without, $chances)) / max(array_sum($without), 1e-300);
                if (abs(($chances[$cause] ?? 0.0) - $usual) > $this->model->rules->telling) {
                    $danger += $belief[$cause];
                    break;
                }
            }
        }

        return $danger / $whole >= $this->model->rules->danger;
    }
}
