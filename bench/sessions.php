<?php

declare(strict_types=1);

/*
 * Measures plans: how long they take to make and how near they are to the best, against the simple ways to plan, and what
 * made-up households gain from sessions in a year.
 */

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Plan\Ahead\SessionDrill;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Simulation\Dice;

require dirname(__DIR__).'/vendor/autoload.php';

const DEEP = [
    ['dishwasher', ['filter-clean', 'spray-arms', 'sump-and-drain', 'door-and-seal', 'racks']],
    ['drip-brewer', ['descale-manual']],
    ['pod-brewer', ['descale-pods']],
    ['hood', ['wash-filters']],
];

$handbook = new Handbook((new HandbookCompiler(dirname(__DIR__).'/handbook'))->compile());

/** @return array{list<Block>, list<TimeLink>, float} blocks, links, and minutes one round after the other */
$session = static function (array $jobs, array $hands) use ($handbook): array {
    [$blocks, $links, $apart] = [[], [], 0.0];
    foreach ($jobs as $n => [$kind, $ids]) {
        try {
            $procedure = (new Composer($handbook))->compose(
                $handbook->kind($kind),
                ProcedureSet::from($ids),
                new Circumstances([]),
            )->procedure;
        } catch (OrderConflict) {
            $procedure = null;
        }
        if (null === $procedure) {
            continue;
        }
        $answers = Expectation::of($procedure, $handbook, []);
        $round = RoundBlocks::of("m$n", $procedure, $answers, $hands);
        array_push($blocks, ...$round->blocks);
        array_push($links, ...$round->links);
        $apart += Estimate::of($procedure, $answers)->all->value;
    }

    return [$blocks, $links, $apart];
};

/** Minutes of the simplest way to use waits: whatever is ready next in the order given, hands never idle on purpose. */
$listed = static function (array $blocks, array $links): float {
    $busy = $ends = $before = [];
    foreach ($links as $link) {
        $before[$link->to][] = $link;
    }
    $todo = $blocks;
    while ([] !== $todo) {
        $best = null;
        foreach ($todo as $n => $block) {
            $at = 0.0;
            foreach ($before[$block->activity->id] ?? [] as $link) {
                if (!isset($ends[$link->from])) {
                    continue 2;
                }
                $at = max($at, $ends[$link->from] + $link->least);
            }
            foreach ($block->activity->needs as $need) {
                $at = max($at, $busy[$need] ?? 0.0);
            }
            if (null === $best || $at < $best[1] - 1e-9 || (null !== $block->wait && $at <= $best[1] && null === $todo[$best[0]]->wait)) {
                $best = [$n, $at];
            }
        }
        if (null === $best) {
            break;
        }
        [$n, $at] = $best;
        $block = $todo[$n];
        unset($todo[$n]);
        $ends[$block->activity->id] = $at + $block->activity->minutes;
        foreach ($block->activity->needs as $need) {
            $busy[$need] = $ends[$block->activity->id];
        }
    }

    return max([0.0, ...array_values($ends)]);
};

$activities = static fn (array $blocks): array => array_map(static fn (Block $block) => $block->activity, $blocks);
foreach ([[['hands'], 'one person'], [['hands', 'more hands'], 'two people']] as [$hands, $who]) {
    [$blocks, $links, $apart] = $session(DEEP, $hands);
    $times = [];
    for ($i = 0; $i < 9; ++$i) {
        $start = hrtime(true);
        $plan = (new Scheduler())->plan($activities($blocks), $links, $hands);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf(
        "Deep clean, two descalings and the hood, %s, %d steps: %.0f ms, %.0f min (%.1f %% over the bound), one after the other %.0f\n",
        $who,
        count($blocks),
        $times[4],
        $plan->finish,
        100 * ($plan->finish / $plan->lowerBound - 1),
        $apart,
    );
}

$kinds = array_keys($handbook->kindNames());
$dice = new Dice(7);
$draw = static function (int $machines) use ($handbook, $kinds, $dice): array {
    $jobs = [];
    for ($n = 0; $n < $machines; ++$n) {
        $kind = $handbook->kind($kinds[$dice->between(0, count($kinds) - 1)]);
        $ids = array_keys($kind->procedureNames);
        if ([] === $ids) {
            continue;
        }
        $some = array_map(static fn (): string => $ids[$dice->between(0, count($ids) - 1)], range(1, $dice->between(1, 3)));
        $picked = array_values(array_unique($some));
        $jobs[] = [$kind->id, $picked];
    }

    return $jobs;
};
$big = [];
while (count($big) < 12) {
    [$blocks, $links] = $session($draw(9), ['hands']);
    if (count($blocks) >= 55 && count($blocks) <= 65) {
        $start = hrtime(true);
        $plan = (new Scheduler())->plan($activities($blocks), $links);
        $big[] = [(hrtime(true) - $start) / 1e6, 100 * ($plan->finish / $plan->lowerBound - 1)];
    }
}
$times = array_column($big, 0);
$gaps = array_column($big, 1);
sort($times);
sort($gaps);
printf(
    "55 to 65 steps, %d plans: median %.0f ms, slowest %.0f ms; gap median %.1f %%, widest %.1f %%; memory %.0f MB at most\n",
    count($big),
    $times[intdiv(count($times), 2)],
    max($times),
    $gaps[intdiv(count($gaps), 2)],
    max($gaps),
    memory_get_peak_usage() / 1048576,
);

do {
    [$blocks, $links] = $session($draw(140), ['hands']);
} while (count($blocks) < 300);
$start = hrtime(true);
$plan = (new Scheduler(600))->plan($activities($blocks), $links);
printf(
    "%d steps: %.0f ms, gap %.1f %%, memory %.0f MB\n",
    count($blocks),
    (hrtime(true) - $start) / 1e6,
    100 * ($plan->finish / $plan->lowerBound - 1),
    memory_get_peak_usage() / 1048576,
);

$saved = $list = $gap = [];
$proved = 0;
for ($i = 0; $i < 200; ++$i) {
    do {
        [$blocks, $links, $apart] = $session($draw($dice->between(2, 5)), ['hands']);
    } while (count($blocks) < 4);
    $plan = (new Scheduler(2000))->plan($activities($blocks), $links);
    $saved[] = $apart - $plan->finish;
    $list[] = $listed($blocks, $links) - $plan->finish;
    $gap[] = 100 * ($plan->finish / max(1e-9, $plan->lowerBound) - 1);
    $proved += (int) $plan->proved;
}
sort($gap);
printf(
    "200 sessions of 2 to 5 machines: %.0f min saved on the whole against one after the other, %.1f against taking what is ready\n"
        ."(which does not keep every wait); %d proved, gap mean %.2f %%, widest %.1f %%\n",
    array_sum($saved) / 200,
    array_sum($list) / 200,
    $proved,
    array_sum($gap) / 200,
    max($gap),
);

$drill = new SessionDrill($handbook);
$sums = [];
$households = (int) ($argv[1] ?? 200);
$start = hrtime(true);
for ($seed = 1; $seed <= $households; ++$seed) {
    foreach ($drill->household($seed * 10) as $way => $year) {
        foreach ($year as $what => $count) {
            $sums[$way][$what] = ($sums[$way][$what] ?? 0) + $count / $households;
        }
    }
}
printf("A year of %d households (%.0f s):\n", $households, (hrtime(true) - $start) / 1e9);
foreach ($sums as $way => $year) {
    printf(
        "  %-8s %.1f h of hands, %.0f days with work, %.0f openings, %.0f jobs, %.1f days over a job\n",
        $way,
        $year['hours'],
        $year['days'],
        $year['openings'],
        $year['jobs'],
        $year['over'] / max(1, $year['jobs']),
    );
}
