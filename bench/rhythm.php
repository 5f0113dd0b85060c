<?php

declare(strict_types=1);

/* Measures the rhythm of 200 care tasks, each on two clocks with ten years of openings. */

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Simulation\Dice;

require dirname(__DIR__).'/vendor/autoload.php';

const TASKS = 200;
const DAYS = 3652;
const RUNS = 21;

$handbook = new Handbook((new HandbookCompiler(dirname(__DIR__).'/handbook'))->compile());
$engine = new RhythmEngine($handbook->rhythmModel());
$dice = new Dice(1);
$tasks = [];
$openings = 0;
for ($task = 0; $task < TASKS; ++$task) {
    $days = $loads = [];
    for ($day = 0; $day < DAYS; $day += $gap) {
        $gap = $dice->between(20, 40);
        $found = Fraction::of(round($dice->uniform(), 2));
        $left = Fraction::of($dice->uniform() < 0.8 ? 0.0 : $found->value * 0.3);
        $days[] = new Observation($gap, $found, $left);
        $loads[] = new Observation(round($gap * 0.8), $found, $left);
    }
    $openings += count($days);
    $tasks[] = [new Clock('days', 30, 7, 365, 1, 12, $days), new Clock('loads', 25, 5, 300, 0.8, 9, $loads)];
}
$today = Day::of('2026-01-01');
$times = [];
for ($run = 0; $run < RUNS; ++$run) {
    $start = hrtime(true);
    foreach ($tasks as $clocks) {
        $engine->assess($clocks, $today);
    }
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
printf(
    "rhythm: %d tasks, two clocks each, %d openings: p50 %.1f ms, p95 %.1f ms in all\n",
    TASKS,
    $openings,
    $times[(int) (RUNS / 2)],
    $times[(int) (0.95 * (RUNS - 1))],
);
