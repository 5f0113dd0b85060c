<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\ImpossibleEvidence;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\Troubleshooter;
use GoodRinse\Core\Trace\UnknownOption;
use PHPUnit\Framework\TestCase;

final class TroubleshooterTest extends TestCase
{
    use SmallFaultModel;

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
}
