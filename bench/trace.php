<?php

declare(strict_types=1);

/*
 * Measures the troubleshooter: how long the next card of the full dishwasher takes, how near its policy comes to the
 * exact optimum on small models, and what made-up households who follow the cards pay against calling at once.
 */

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Fault\FaultRules;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Simulation\Dice;
use GoodRinse\Core\Simulation\FaultDrill;
use GoodRinse\Core\Trace\Action;
use GoodRinse\Core\Trace\Check;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultModel;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
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

/** A small model of all sorts. */
function small(Dice $dice, FaultRules $rules): FaultModel
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
        $rules,
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
$faults = new MachineFaults($trouble);
$times = [];
foreach (array_keys($trouble->symptoms) as $symptom) {
    for ($i = 0; $i < 3; ++$i) {
        $start = hrtime(true);
        Diagnosis::of($faults->model(new FaultCase(TRAITS, $prices, [$symptom])), new Evidence(), new Evidence());
        $times[] = (hrtime(true) - $start) / 1e6;
    }
}
sort($times);
printf(
    "trace: next card, %d causes, %d checks, %d actions: p50 %.1f ms, p95 %.1f ms, slowest %.1f ms\n",
    count($trouble->causes),
    count($trouble->checks),
    count($trouble->actions),
    $times[intdiv(count($times), 2)],
    $times[(int) (0.95 * (count($times) - 1))],
    end($times),
);

$dice = new Dice(3);
$ratios = [];
for ($i = 0; $i < SMALL_MODELS; ++$i) {
    $each = small($dice, $trouble->rules);
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

$drill = new FaultDrill($trouble, TRAITS, $prices, new Dice(3));
$all = array_map(static fn (): array => $drill->household(), range(1, FAULTS));
$byHand = array_filter($all, static fn (array $each): bool => $each['byHand']);
$mended = array_filter($all, static fn (array $each): bool => !$each['called']);
$share = static fn (array $some, string $what): float => 100 * count(array_filter(array_column($some, $what))) / count($some);
printf(
    'trace: %d households, two faults at once in 1 of 6: mean cost / calling at once %.2f '
        .'(%.2f for somebody who knew the cause); cards %.1f; '
        ."put right without a call %.0f %% (%.0f %% where a person can); right cause blamed %.0f %%\n",
    FAULTS,
    array_sum(array_column($all, 'cost')) / count($all) / $prices->callFee,
    array_sum(array_column($all, 'least')) / count($all) / $prices->callFee,
    array_sum(array_column($all, 'cards')) / count($all),
    100 - $share($all, 'called'),
    100 - $share($byHand, 'called'),
    $share($mended, 'right'),
);
