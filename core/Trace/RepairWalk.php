<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** Follows the plan of actions from a belief to the fix or the call, and adds up what that costs on average. */
final readonly class RepairWalk
{
    /** @param float $callFee what calling somebody costs, 0 or more */
    public function __construct(private float $callFee)
    {
    }

    /**
     * Follows the plan: at each step the action with the best chance over cost, until none beats the call.
     *
     * @param array<int, float> $belief
     * @param list<Action> $untried
     * @param bool $tell whether the steps are wanted
     *
     * @return array{float, float, list<array{Action, float, float}>} expected cost, the chance of ending with the call,
     *     and what was gone through, each with its chance and the chance of getting there
     */
    public function walk(array $belief, array $untried, bool $tell = false): array
    {
        $steps = [];
        $whole = $alive = array_sum($belief);
        $cost = 0.0;
        while ($alive > $whole * 1e-15) {
            [$place, $chance] = $this->most($belief, $alive, $untried);
            if (null === $place) {
                break;
            }
            $action = $untried[$place];
            unset($untried[$place]);
            if ($tell) {
                $steps[] = [$action, $chance, $alive / $whole];
            }
            $cost += $action->cost * $alive;
            $belief = Belief::without($belief, $action);
            $alive = array_sum($belief);
        }

        return [($cost + $this->callFee * $alive) / $whole, $alive / $whole, $steps];
    }

    /**
     * The action with the greatest chance over cost, the first of equals; null when none beats the call.
     *
     * @param array<int, float> $belief
     * @param array<int, Action> $untried
     *
     * @return array{int|null, float} its place, and its chance
     */
    private function most(array $belief, float $alive, array $untried): array
    {
        [$best, $place, $chance] = [$this->callFee > 0 ? 1 / $this->callFee : INF, null, 0.0];
        foreach ($untried as $i => $action) {
            $helps = 0.0;
            foreach ($action->fixes as $cause => $each) {
                $helps += $belief[$cause] * $each;
            }
            $worth = $action->cost > 0 ? $helps / $alive / $action->cost : ($helps > 0 ? INF : 0.0);
            if ($worth > $best) {
                [$best, $place, $chance] = [$worth, $i, $helps / $alive];
            }
        }

        return [$place, $chance];
    }
}
