<?php

declare(strict_types=1);

/*
 * Measures the troubleshooter: how long the next card of the full dishwasher takes, how near its policy comes to the
 * exact optimum on small models, and what it costs against calling at once and cleaning everything, over faults
 * drawn from the model itself.
 */

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Fault\FaultRules;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\MachineFaults;
use GoodRinse\Core\Trace\OptimalPolicy;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\RankedOption;
use GoodRinse\Core\Trace\Troubleshooter;

require dirname(__DIR__).'/vendor/autoload.php';

const FAULTS = 1000;
const SMALL_MODELS = 150;
const TRAITS = [
    'tub' => 'stainless',
    'filter' => 'twist-out',
    'arms' => 'three',
    'chopper' => 'chopper',
    'softener' => 'salt',
    'heater' => 'exposed',
    'disposer' => 'disposer',
    'airGap' => 'air-gap',
];

/** A place among weights, drawn by them. */
function draw(array $weights, Dice $dice): int
{
    $at = $dice->uniform() * array_sum($weights);
    foreach ($weights as $place => $weight) {
        if (($at -= $weight) < 0) {
            return $place;
        }
    }

    return array_key_last($weights);
}

/**
 * Follows a policy until the machine works.
 *
 * @param Closure(Evidence): array{string, string} $policy kind and id of the next card
 *
 * @return array{float, bool} what it cost, and whether it was put right without a call
 */
function live(FaultModel $model, int $cause, Closure $policy, Dice $dice): array
{
    [$cost, $answers, $failed] = [0.0, [], []];
    while (true) {
        [$kind, $id] = $policy(new Evidence($answers, $failed));
        if (RankedOption::CALL === $kind) {
            return [$cost + $model->callFee, false];
        }
        if (RankedOption::CHECK === $kind) {
            $check = $model->check($id);
            $cost += $check->cost;
            $results = array_keys($check->results);
            $answers[] = [
                $id,
                (string) $results[draw(
                    array_map(static fn (array $chances): float => $chances[$cause] ?? 0.0, array_values($check->results)),
                    $dice,
                )],
            ];
            continue;
        }
        $action = $model->action($id);
        $cost += $action->cost;
        if ($dice->uniform() < ($action->fixes[$cause] ?? 0.0)) {
            return [$cost, true];
        }
        $failed[] = $id;
    }
}

/** A small model of all sorts. */
function small(Dice $dice): FaultModel
{
    $weights = $checks = $actions = [];
    for ($i = $dice->between(3, 5); $i > 0; --$i) {
        $weights[] = 0.1 + $dice->uniform();
    }
    for ($i = $dice->between(2, 4); $i > 0; --$i) {
        $yes = array_map(static fn (): float => $dice->uniform() < 0.4 ? 0.95 : round($dice->uniform() * 0.3, 2), $weights);
        $checks[] = new Check(
            "check-$i",
            $dice->between(0, 10),
            ['yes' => $yes, 'no' => array_map(static fn (float $chance): float => 1 - $chance, $yes)],
        );
    }
    for ($i = $dice->between(3, 5); $i > 0; --$i) {
        $actions[] = new Action(
            "action-$i",
            $dice->between(1, 60),
            array_filter(array_map(static fn (): float => $dice->uniform() < 0.5 ? round(0.3 + 0.7 * $dice->uniform(), 2) : 0.0, $weights)),
        );
    }

    return new FaultModel(
        array_map(static fn (int $i): string => "cause-$i", array_keys($weights)),
        $weights,
        $checks,
        $actions,
        120.0,
        new FaultRules(6.0, 0.3, 0.02, 0.5, 0.2, 0.2),
    );
}

/** Expected cost of the troubleshooter's own policy, by going down every branch. */
function policyCost(FaultModel $model, Evidence $evidence): float
{
    $shooter = new Troubleshooter($model);
    $card = $shooter->next($evidence);
    if (RankedOption::CALL === $card->kind) {
        return $card->cost;
    }
    if (RankedOption::ACTION === $card->kind) {
        return $card->cost + ($card->chance > 1 - 1e-12 ? 0.0 : (1 - $card->chance) * policyCost(
            $model,
            new Evidence($evidence->answers, [...$evidence->failed, $card->id]),
        ));
    }
    $cost = $card->cost;
    $belief = array_values($shooter->posterior($evidence));
    foreach ($model->check($card->id)->results as $result => $chances) {
        $weight = array_sum(
            array_map(static fn (float $share, int $place): float => $share * ($chances[$place] ?? 0.0), $belief, array_keys($belief)),
        );
        $cost += $weight < 1e-12
            ? 0.0
            : $weight * policyCost($model, new Evidence([...$evidence->answers, [$card->id, (string) $result]], $evidence->failed));
    }

    return $cost;
}

$trouble = (new Handbook((new HandbookCompiler(dirname(__DIR__).'/handbook'))->compile()))->trouble('dishwasher');
$prices = new Prices(20, 120);
$model = static fn (array $symptoms): FaultModel => (new MachineFaults())->model($trouble, TRAITS, $prices, $symptoms);
$full = $model([]);
$times = [];
foreach (array_keys($trouble->symptoms) as $symptom) {
    $shooter = new Troubleshooter($model([$symptom]));
    for ($i = 0; $i < 3; ++$i) {
        $start = hrtime(true);
        $shooter->next(new Evidence());
        $times[] = (hrtime(true) - $start) / 1e6;
    }
}
sort($times);
printf(
    "trace: next card, %d causes, %d checks, %d actions: p50 %.1f ms, p95 %.1f ms, slowest %.1f ms\n",
    count($full->causes),
    count($full->checks),
    count($full->actions),
    $times[intdiv(count($times), 2)],
    $times[(int) (0.95 * (count($times) - 1))],
    end($times),
);

$dice = new Dice(3);
$ratios = [];
for ($i = 0; $i < SMALL_MODELS; ++$i) {
    $each = small($dice);
    $ratios[] = policyCost($each, new Evidence()) / (new OptimalPolicy($each))->cost();
}
sort($ratios);
printf(
    "trace: expected cost of the policy / exact optimum on %d small models: mean %.3f, p95 %.3f, worst %.3f\n",
    SMALL_MODELS,
    array_sum($ratios) / count($ratios),
    $ratios[(int) (0.95 * (SMALL_MODELS - 1))],
    end($ratios),
);

// A fault is drawn, then a symptom that it shows, as likely as it shows it.
$symptoms = array_keys($trouble->symptoms);
[$ours, $call, $clean, $fixed, $found] = [0.0, 0.0, 0.0, 0, 0];
for ($i = 0; $i < FAULTS; ++$i) {
    $cause = draw($full->weights, $dice);
    $symptom = $symptoms[draw(
        array_map(static fn (string $id): float => $trouble->symptoms[$id]->chance($full->causes[$cause]), $symptoms),
        $dice,
    )];
    $here = $model([$symptom]);
    $shooter = new Troubleshooter($here);
    $last = new Evidence();
    [$cost, $right] = live($here, $cause, static function (Evidence $evidence) use ($shooter, &$last): array {
        $last = $evidence;
        $card = $shooter->next($evidence);

        return [$card->kind, $card->id];
    }, $dice);
    $ours += $cost;
    $fixed += $right ? 1 : 0;
    $posterior = $shooter->posterior($last);
    arsort($posterior);
    $found += array_key_first($posterior) === $here->causes[$cause] ? 1 : 0;
    $call += $here->callFee;
    $everything = $here->actions;
    usort($everything, static fn (Action $a, Action $b): int => $a->cost <=> $b->cost);
    $clean += live($here, $cause, static function (Evidence $evidence) use ($everything): array {
        foreach ($everything as $action) {
            if (!in_array($action->id, $evidence->failed, true)) {
                return [RankedOption::ACTION, $action->id];
            }
        }

        return [RankedOption::CALL, RankedOption::CALL];
    }, $dice)[0];
}
printf(
    'trace: %d drawn faults: mean cost %.1f; / calling at once %.2f; / cleaning everything, cheapest first, %.2f; '
        ."put right without a call %.0f %%, right cause first among the suspects at the end %.0f %%\n",
    FAULTS,
    $ours / FAULTS,
    $ours / $call,
    $ours / $clean,
    100 * $fixed / FAULTS,
    100 * $found / FAULTS,
);
