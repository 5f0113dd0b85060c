<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\ConfirmedCauses;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\OptimalPolicy;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\Troubleshooter;
use PHPUnit\Framework\TestCase;

/** What holds of the troubleshooter on random faults. */
final class TroubleshooterLawsTest extends TestCase
{
    use SmallFaultModel;

    /** A small model thrown by dice: three to five causes, checks and actions of all sorts. */
    private static function thrown(Dice $dice): FaultModel
    {
        $causes = $dice->between(2, 4);
        $weights = $checks = $actions = [];
        for ($i = 0; $i < $causes; ++$i) {
            $weights[] = 0.1 + $dice->uniform();
        }
        for ($i = $dice->between(1, 3); $i > 0; --$i) {
            $yes = array_map(static fn (): float => $dice->uniform() < 0.4 ? 0.95 : round($dice->uniform() * 0.3, 2), $weights);
            $checks[] = new Check(
                "check-$i",
                $dice->between(0, 10),
                ['yes' => $yes, 'no' => array_map(static fn (float $chance): float => 1 - $chance, $yes)],
            );
        }
        for ($i = $dice->between(1, 4); $i > 0; --$i) {
            $fixes = [];
            foreach (array_keys($weights) as $cause) {
                if ($dice->uniform() < 0.5) {
                    $fixes[$cause] = round(0.3 + 0.7 * $dice->uniform(), 2);
                }
            }
            $actions[] = new Action("action-$i", $dice->between(1, 60), $fixes);
        }

        return new FaultModel(
            array_map(static fn (int $i): string => "cause-$i", array_keys($weights)),
            $weights,
            $checks,
            $actions,
            120.0,
            self::rules(),
        );
    }

    public function test_no_policy_beats_the_optimum_and_ours_comes_near_it(): void
    {
        $dice = new Dice(11);
        $ratios = [];
        for ($i = 0; $i < 60; ++$i) {
            $model = self::thrown($dice);
            $best = (new OptimalPolicy($model))->cost();
            $ours = self::costOf($model, new Evidence());
            $plan = (new Troubleshooter($model))->plan(new Evidence())->expectedCost;
            self::assertGreaterThanOrEqual($best - 1e-9, $ours);
            self::assertGreaterThanOrEqual($best - 1e-9, $plan);
            self::assertLessThanOrEqual($model->callFee + 1e-9, $plan, 'never worse than calling at once');
            $ratios[] = $ours / $best;
        }
        self::assertLessThan(1.05, array_sum($ratios) / count($ratios));
    }

    /** What following the cards costs on average, by going down every branch. */
    private static function costOf(FaultModel $model, Evidence $evidence): float
    {
        $shooter = new Troubleshooter($model);
        $card = $shooter->next($evidence);
        $belief = $shooter->posterior($evidence);
        if (RankedOption::CALL === $card->kind) {
            return $card->cost;
        }
        $cost = $card->cost;
        if (RankedOption::ACTION === $card->kind) {
            $left = 1 - (float) $card->chance;

            return $left < 1e-12
                ? $cost
                : $cost + $left * self::costOf($model, new Evidence($evidence->answers, [...$evidence->failed, $card->id]));
        }
        foreach ($model->check($card->id)->results as $result => $chances) {
            $weight = array_sum(array_map(
                static fn (int $place, float $share): float => $share * ($chances[$place] ?? 0.0),
                array_keys($model->causes),
                array_values($belief),
            ));
            $cost += $weight < 1e-12
                ? 0.0
                : $weight * self::costOf($model, new Evidence([...$evidence->answers, [$card->id, (string) $result]], $evidence->failed));
        }

        return $cost;
    }

    public function test_what_was_confirmed_outweighs_the_handbook_in_time(): void
    {
        $learned = (new ConfirmedCauses(['b' => 4], ['c' => 10]))->learned(['a' => 3.0, 'b' => 1.0, 'c' => 2.0], self::rules());

        self::assertSame([3.0, 5.0, 5.0], [$learned['a'], $learned['b'], $learned['c']]);
        self::assertEqualsWithDelta(6.0, array_sum((new ConfirmedCauses())->learned(['a' => 30.0, 'b' => 10.0], self::rules())), 1e-12);
    }
}
