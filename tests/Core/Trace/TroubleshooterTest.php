<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultRules;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\ConfirmedCauses;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\ImpossibleEvidence;
use GoodRinse\Core\Trace\OptimalPolicy;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\Troubleshooter;
use GoodRinse\Core\Trace\UnknownOption;
use PHPUnit\Framework\TestCase;

final class TroubleshooterTest extends TestCase
{
    private static function rules(): FaultRules
    {
        return new FaultRules(6.0, 0.3, 0.02, 0.5, 0.2, 0.2, 0.5);
    }

    private static function model(float $fee = 100.0): FaultModel
    {
        return new FaultModel(
            ['clog', 'pump'],
            [3.0, 1.0],
            [new Check('listen', 1, ['hum' => [0.9, 0.2], 'silent' => [0.1, 0.8]])],
            [new Action('clean', 10, [0.8]), new Action('bang', 2, [0.05, 0.05])],
            $fee,
            self::rules(),
        );
    }

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

    public function test_answers_and_failures_move_the_suspects_by_bayes(): void
    {
        $shooter = new Troubleshooter(self::model());
        self::assertSame(['clog' => 0.75, 'pump' => 0.25], $shooter->posterior(new Evidence()));
        self::assertEqualsWithDelta(0.3 / 1.1, $shooter->posterior(new Evidence([['listen', 'silent']]))['clog'], 1e-12);
        self::assertEqualsWithDelta(0.6 / 1.6, $shooter->posterior(new Evidence([], ['clean']))['clog'], 1e-12);
    }

    public function test_the_plan_goes_by_chance_over_cost_until_the_call_is_better(): void
    {
        $plan = (new Troubleshooter(self::model()))->plan(new Evidence());
        self::assertSame(['clean', 'bang'], array_map(static fn (array $step): string => $step[0]->id, $plan->steps));
        self::assertEqualsWithDelta(0.6, $plan->steps[0][1], 1e-12);
        self::assertEqualsWithDelta(0.4, $plan->steps[1][2], 1e-12);
        self::assertEqualsWithDelta(10 + 0.4 * 2 + 0.4 * 0.95 * 100, $plan->expectedCost, 1e-12);
        self::assertSame([], (new Troubleshooter(self::model(12.0)))->plan(new Evidence([['listen', 'silent']]))->steps);
    }

    public function test_a_check_is_offered_when_what_it_tells_is_worth_more_than_it_costs(): void
    {
        $model = new FaultModel(
            ['clog', 'pump'],
            [1.0, 1.0],
            [new Check('listen', 1, ['hum' => [0.95, 0.05], 'silent' => [0.05, 0.95]])],
            [new Action('clean', 30, [0.9]), new Action('new-pump', 40, [1 => 0.9])],
            200.0,
            self::rules(),
        );
        $next = (new Troubleshooter($model))->next(new Evidence());
        self::assertSame([RankedOption::CHECK, 'listen', false], [$next->kind, $next->id, $next->danger]);
        self::assertSame([RankedOption::ACTION, 'clean'], [
            (new Troubleshooter($model))->next(new Evidence([['listen', 'hum']]))->kind,
            (new Troubleshooter($model))->next(new Evidence([['listen', 'hum']]))->id,
        ]);
        self::assertSame(RankedOption::ACTION, (new Troubleshooter($model))->next(new Evidence(skipped: ['listen']))->kind);
        self::assertSame(
            RankedOption::ACTION,
            (new Troubleshooter(self::model()))->next(new Evidence())->kind,
            'a check that tells too little is not offered',
        );
        self::assertSame(RankedOption::CALL, (new Troubleshooter(self::model(2.0)))->next(new Evidence(skipped: ['listen']))->kind);
    }

    public function test_a_danger_is_asked_about_before_everything_else_while_it_is_likely(): void
    {
        $with = static fn (float $weight): FaultModel => new FaultModel(['clog', 'glass'], [1.0, $weight], [
            new Check('cheap', 0, ['yes' => [0.9, 0.1], 'no' => [0.1, 0.9]]),
            new Check('shards', 50, ['seen' => [0.01, 0.9], 'none' => [0.99, 0.1]], true),
        ], [new Action('clean', 5, [0.9])], 100.0, self::rules(), [1]);

        self::assertSame(
            ['shards', true],
            [(new Troubleshooter($with(0.1)))->next(new Evidence())->id, (new Troubleshooter($with(0.1)))->next(new Evidence())->danger],
        );
        self::assertNotSame('shards', (new Troubleshooter($with(0.001)))->next(new Evidence())->id);
        self::assertNotSame('shards', (new Troubleshooter($with(0.1)))->next(new Evidence([['shards', 'none']]))->id);
    }

    public function test_the_deck_tells_what_another_order_costs(): void
    {
        $deck = (new Troubleshooter(self::model()))->deck(new Evidence());
        self::assertCount(4, $deck);
        foreach ($deck as $card) {
            self::assertGreaterThanOrEqual($deck[0]->expect - 1e-9, $card->expect);
        }
        self::assertSame(
            100.0,
            array_column(array_map(static fn (RankedOption $card): array => [$card->id, $card->expect], $deck), 1, 0)['call'],
        );
    }

    public function test_evidence_that_leaves_no_cause_is_named(): void
    {
        $model = new FaultModel(
            ['a', 'b'],
            [1.0, 1.0],
            [new Check('x', 1, ['p' => [1.0], 'q' => [0.0, 1.0]]), new Check('y', 1, ['p' => [1.0], 'q' => [0.0, 1.0]])],
            [new Action('fix', 1, [1.0])],
            10.0,
            self::rules(),
        );
        try {
            (new Troubleshooter($model))->posterior(new Evidence([['x', 'p'], ['y', 'q']]));
            self::fail('nothing is left');
        } catch (ImpossibleEvidence $e) {
            self::assertSame([ImpossibleEvidence::ANSWER, 1], [$e->kind, $e->place]);
        }
        try {
            (new Troubleshooter($model))->next(new Evidence([['x', 'p']], ['fix']));
            self::fail('nothing is left');
        } catch (ImpossibleEvidence $e) {
            self::assertSame([ImpossibleEvidence::FAILED, 0], [$e->kind, $e->place]);
        }
        $this->expectException(UnknownOption::class);
        (new Troubleshooter($model))->next(new Evidence([['gone', 'p']]));
    }

    public function test_answers_that_contradict_each_other_are_named_and_left_aside(): void
    {
        $model = new FaultModel(
            ['a', 'b'],
            [1.0, 3.0],
            [new Check('x', 1, ['p' => [1.0], 'q' => [0.0, 1.0]]), new Check('y', 1, ['p' => [1.0], 'q' => [0.0, 1.0]])],
            [new Action('fix', 1, [1.0])],
            10.0,
            self::rules(),
        );
        $reading = Diagnosis::of($model, new Evidence([['x', 'p'], ['y', 'q']]), new Evidence([['x', 'p']]));

        self::assertSame(1, $reading->conflict?->place);
        self::assertSame(['b' => 0.75, 'a' => 0.25], $reading->suspects);
        self::assertSame(['a' => 1.0, 'b' => 0.0], $reading->before);
        self::assertSame(
            [RankedOption::ACTION, RankedOption::CALL],
            array_map(static fn (RankedOption $card): string => $card->kind, $reading->deck),
            'what was answered is not asked again',
        );
        self::assertNull(Diagnosis::of($model, new Evidence([['x', 'p']]), new Evidence())->conflict);
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
