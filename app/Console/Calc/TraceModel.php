<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\ImpossibleEvidence;
use GoodRinse\Core\Trace\Troubleshooter;

/** What is wrong and what to do next: `calc trace`. */
final readonly class TraceModel implements Model
{
    private const SLACK = 1e-6;

    public function __construct(private Handbook $handbook)
    {
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['callFee', 'causes', 'checks', 'actions', 'answers', 'failed']);
        $model = $this->model($in);
        $evidence = $this->evidence($in, $model);
        $shooter = new Troubleshooter($model);
        try {
            $posterior = $shooter->posterior($evidence);
        } catch (ImpossibleEvidence $e) {
            throw BadInput::at("/$e->kind/$e->place", $e->getMessage());
        }
        $plan = $shooter->plan($evidence);
        $next = $shooter->next($evidence);

        return [
            'posterior' => (object) $posterior,
            'plan' => [...array_map(static fn (array $step): string => $step[0]->id, $plan->steps), 'call'],
            'expectedCost' => $plan->expectedCost,
            'next' => ['kind' => $next->kind, 'id' => $next->id],
            'callChance' => $plan->callChance,
            'nextExpectedCost' => $next->expect,
        ];
    }

    /** @param array<string, Json> $in */
    private function model(array $in): FaultModel
    {
        $causes = $weights = [];
        foreach ($in['causes']->list(1) as $cause) {
            $each = $cause->object(['id', 'weight']);
            $causes[] = self::fresh($each['id'], $causes);
            $weights[] = $each['weight']->number(0);
        }
        if (array_sum($weights) <= 0) {
            throw $in['causes']->bad('at least one weight must be greater than 0');
        }
        $checks = $actions = [];
        foreach ($in['checks']->list() as $check) {
            $each = $check->object(['id', 'cost', 'results']);
            $checks[] = new Check(
                self::fresh($each['id'], array_map(static fn (Check $other): string => $other->id, $checks)),
                $each['cost']->number(0),
                $this->results($each['results'], $causes),
            );
        }
        foreach ($in['actions']->list() as $action) {
            $each = $action->object(['id', 'cost', 'fixes']);
            $id = self::fresh($each['id'], [...array_map(static fn (Action $other): string => $other->id, $actions), 'call']);
            $actions[] = new Action($id, $each['cost']->number(0), $this->chances($each['fixes'], $causes));
        }

        return new FaultModel($causes, $weights, $checks, $actions, $in['callFee']->number(0), $this->handbook->faultRules());
    }

    /**
     * @param list<string> $taken
     */
    private static function fresh(Json $place, array $taken): string
    {
        $id = $place->text();

        return in_array($id, $taken, true) ? throw $place->bad("\"$id\" is there already") : $id;
    }

    /**
     * @param list<string> $causes
     *
     * @return array<string, array<int, float>>
     */
    private function results(Json $place, array $causes): array
    {
        $results = [];
        foreach ($place->members() as $id => $result) {
            $results[(string) $id] = $this->chances($result, $causes);
        }
        foreach ($causes as $i => $cause) {
            $sum = array_sum(array_map(static fn (array $chances): float => $chances[$i] ?? 0.0, $results));
            if (abs($sum - 1) > self::SLACK) {
                throw $place->bad("the results of \"$cause\" must add up to 1, not $sum");
            }
        }

        return $results;
    }

    /**
     * @param list<string> $causes
     *
     * @return array<int, float>
     */
    private function chances(Json $place, array $causes): array
    {
        $chances = [];
        foreach ($place->members() as $cause => $chance) {
            $at = array_search((string) $cause, $causes, true);
            if (false === $at) {
                throw $chance->bad("there is no cause \"$cause\"");
            }
            $chances[$at] = $chance->fraction()->value;
        }

        return $chances;
    }

    /** @param array<string, Json> $in */
    private function evidence(array $in, FaultModel $model): Evidence
    {
        $answers = $failed = [];
        foreach ($in['answers']->list() as $answer) {
            $each = $answer->object(['check', 'result']);
            $check = self::known($each['check'], array_map(static fn (Check $check): string => $check->id, $model->checks));
            if (in_array($check, array_column($answers, 0), true)) {
                throw $each['check']->bad("\"$check\" is answered already");
            }
            $answers[] = [$check, self::known($each['result'], array_map(strval(...), array_keys($model->check($check)->results)))];
        }
        foreach ($in['failed']->list() as $action) {
            $failed[] = self::known($action, array_map(static fn (Action $action): string => $action->id, $model->actions));
        }

        return new Evidence($answers, array_values(array_unique($failed)));
    }

    /** @param list<string> $ids */
    private static function known(Json $place, array $ids): string
    {
        $id = $place->text();

        return in_array($id, $ids, true) ? $id : throw $place->bad("there is no \"$id\" here");
    }
}
