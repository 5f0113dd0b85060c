<?php

declare(strict_types=1);

/*
 * How near the learned interval comes to the true one, and how many days a part is over the clean-by line, for parts
 * that foul a quarter to eight times as fast as the rhythm they started from; beside a person who knew the true rate.
 *
 * php bench/learning.php [lives]
 */

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;
use GoodRinse\Core\Rhythm\Learning\IntervalLearner;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Simulation\Dice;

require __DIR__.'/../vendor/autoload.php';

$lives = (int) ($argv[1] ?? 200);
$handbook = new Handbook((new HandbookCompiler(__DIR__.'/../handbook'))->compile());
$model = $handbook->rhythmModel();
$curve = new FoulingCurve($model);
$learner = new IntervalLearner($model);
$mesh = $handbook->scales()->scale('mesh');

/**
 * One part, opened so many times, a use a day.
 *
 * @return array{float, float, float} the last interval, days over the line and days in all, of the second half
 */
$live = static function (float $true, float $start, int $openings, bool $knows, int $seed) use ($curve, $learner, $mesh): array {
    $dice = new Dice($seed);
    [$interval, $left, $seen, $over, $days] = [$knows ? $true : $start, 0.0, [], 0, 0];
    for ($i = 0; $i < $openings; ++$i) {
        $soil = $dice->lognormal(1, 0.3);
        $runs = max(1, (int) ceil($interval) + $dice->between(0, 3));
        for ($day = 1; $day <= $runs; ++$day) {
            $over += $i >= $openings / 2 && $left + $day * $soil / $true > 1 ? 1 : 0;
        }
        $days += $i >= $openings / 2 ? $runs : 0;
        $found = $mesh->nearest($curve->blockedAfter($left + $runs * $soil / $true))->fraction;
        $stays = $dice->uniform() < 0.15 ? min($found->value, $mesh->grades[1]->fraction->value) : 0.0;
        $seen[] = new Observation((float) $runs, $found, Fraction::of($stays));
        $left = $curve->foulings(Fraction::of($stays));
        $interval = $knows ? $true : $learner->learn(new Clock('days', $start, 2, 1500, 1, 0, $seen))->interval;
    }

    return [$interval, $over, $days];
};

printf("%-10s %16s %18s %18s\n", 'soils', 'learned / true', 'days over', 'who knew');
foreach ([0.25, 0.5, 1.0, 2.0, 4.0, 8.0] as $faster) {
    [$ratio, $over, $known] = [0.0, [0.0, 0.0], [0.0, 0.0]];
    for ($seed = 1; $seed <= $lives; ++$seed) {
        [$interval, $late, $all] = $live(90 / $faster, 90, 40, false, $seed);
        [, $lateKnown, $allKnown] = $live(90 / $faster, 90, 40, true, $seed);
        $ratio += $interval / (90 / $faster) / $lives;
        $over = [$over[0] + $late, $over[1] + $all];
        $known = [$known[0] + $lateKnown, $known[1] + $allKnown];
    }
    printf("%-10s %16.2f %16.1f %% %16.1f %%\n", "$faster times", $ratio, 100 * $over[0] / $over[1], 100 * $known[0] / $known[1]);
}
