<?php

declare(strict_types=1);

/*
 * Measures pages of a running Good Rinse against an empty page behind the same login, in turn, so that a
 * slow moment of the machine falls on all of them alike. A ratio is the median of the ratios of each turn.
 *
 * php bench/pages.php http://127.0.0.1:8495 password "Demo=ama@…" "Ten years=…"
 */

const ROUNDS = 150;
const WARM_UP = 15;

[, $base, $password] = $argv;

/** A browser of sorts: keeps its cookies and its connection. */
function visit(CurlHandle $curl, string $url, ?array $post = null, bool $follow = true): string
{
    curl_setopt_array(
        $curl,
        [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_FOLLOWLOCATION => $follow],
    );
    curl_setopt($curl, CURLOPT_HTTPGET, true);
    if (null !== $post) {
        curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($post)]);
    }
    $html = curl_exec($curl);
    if (!is_string($html) || curl_getinfo($curl, CURLINFO_RESPONSE_CODE) >= 400) {
        fwrite(STDERR, "could not open $url: ".curl_error($curl).' '.curl_getinfo($curl, CURLINFO_RESPONSE_CODE)."\n");
        exit(1);
    }

    return $html;
}

/** A page of a running round; begins one when there is none, or the last one is through. */
function step(CurlHandle $curl, string $base, string $machine, string $token): array
{
    static $rounds = [];
    $round = &$rounds[$machine];
    for ($try = 0; $try < 3; ++$try) {
        $html = null === $round ? '' : visit($curl, $base.$round);
        if (preg_match('/name="step" value="([^"]+)"/', $html, $step)) {
            preg_match('/name="answer" value="([^"]+)"/', $html, $answer);

            return [
                $round,
                ['_token' => $token, 'step' => $step[1], 'answer' => $answer[1] ?? (str_contains($html, 'name="answer"') ? '4' : '')],
            ];
        }
        if (null !== $round) {
            visit($curl, "$base$round/end", ['_token' => $token, 'how' => 'finished', 'knows' => '1']);
        }
        visit($curl, "$base$machine/rounds", ['_token' => $token, 'procedure' => 'look-and-wipe']);
        $round = parse_url(curl_getinfo($curl, CURLINFO_EFFECTIVE_URL), PHP_URL_PATH);
    }
    fwrite(STDERR, "no round can be begun on $machine\n");
    exit(1);
}

/** An id as a device makes it. */
function ulid(): string
{
    return '01'.substr(str_shuffle(str_repeat('0123456789ABCDEFGHJKMNPQRSTVWXYZ', 2)), 0, 24);
}

/** @param list<float> $times */
function quantile(array $times, float $q): float
{
    sort($times);

    return $times[(int) round($q * (count($times) - 1))];
}

printf("%-12s %-12s %10s %10s %12s %12s\n", 'household', 'page', 'p50 ms', 'p95 ms', 'p50 / empty', 'p95 / empty');
foreach (array_slice($argv, 3) as $who) {
    [$name, $email] = explode('=', $who, 2);
    $curl = curl_init();
    preg_match('/name="_token" value="([^"]+)"/', visit($curl, "$base/login"), $token);
    visit($curl, "$base/login", ['_token' => $token[1] ?? '', 'email' => $email, 'password' => $password]);
    preg_match('#/machines/[0-9A-Za-z]{26}#', visit($curl, "$base/kitchen"), $machine);
    $pages = [
        'empty' => '/blank',
        'Today' => '/',
        'machine' => $machine[0] ?? '/kitchen',
        'measures' => ($machine[0] ?? '').'/measures?years=10',
        'rhythm' => '/rhythm',
        'logbook' => '/logbook',
        'cupboard' => '/cupboard',
        'list' => '/cupboard/list',
        'costs' => '/cupboard/costs',
        'handbook' => '/handbook',
        'keep-apart' => '/handbook/keep-apart',
        'procedure' => '/handbook/dishwasher/filter-clean',
    ];
    preg_match('/name="csrf-token" content="([^"]+)"/', $kitchen = visit($curl, "$base/kitchen"), $token);
    preg_match('#/calendar/\w+\.ics#', visit($curl, "$base/feeds", ['_token' => $token[1]]), $feed);
    $pages['feed'] = $feed[0];
    preg_match_all('#/machines/[0-9A-Za-z]{26}#', $kitchen, $machines);
    foreach (array_unique($machines[0]) as $dishwasher) {
        if (str_contains(visit($curl, "$base$dishwasher/rounds/new"), 'value="look-and-wipe"')) {
            break;
        }
    }
    while (1 === preg_match('#/rounds/[0-9A-Za-z]{26}#', visit($curl, "$base/"), $running)) { // one that an earlier run left
        visit($curl, "$base$running[0]/end", ['_token' => $token[1], 'how' => 'stopped', 'knows' => '1']);
        visit($curl, "$base$running[0]/settle", ['_token' => $token[1]]);
    }
    $times = array_fill_keys([...array_keys($pages), 'empty again', 'tick', 'step', 'after'], []);
    for ($round = -WARM_UP; $round < ROUNDS; ++$round) {
        foreach ($pages as $page => $path) {
            $start = hrtime(true);
            visit($curl, $base.$path);
            if ($round >= 0) {
                $times[$page][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }
    for ($round = -WARM_UP; $round < ROUNDS; ++$round) {
        $start = hrtime(true);
        visit($curl, "$base/blank");
        if ($round >= 0) {
            $times['empty again'][] = (hrtime(true) - $start) / 1e6;
        }
        [$path, $tick] = step($curl, $base, $dishwasher, $token[1]);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ['Accept: application/json']);
        $start = hrtime(true);
        visit($curl, "$base$path/ticks", ['id' => ulid()] + $tick);
        $ticked = (hrtime(true) - $start) / 1e6;
        curl_setopt($curl, CURLOPT_HTTPHEADER, []);
        $start = hrtime(true);
        visit($curl, $base.$path);
        if ($round >= 0) {
            $times['tick'][] = $ticked;
            $times['step'][] = (hrtime(true) - $start) / 1e6;
        }
    }
    visit($curl, "$base$path/end", ['_token' => $token[1], 'how' => 'stopped', 'knows' => '1']);
    visit($curl, "$base$path/settle", ['_token' => $token[1]]);
    for ($round = 0; $round < ROUNDS; ++$round) { // Today, after an entry
        visit($curl, "$base$dishwasher/uses", ['_token' => $token[1], 'id' => ulid()], follow: false);
        visit($curl, "$base/blank");
        $start = hrtime(true);
        visit($curl, "$base/");
        $times['after'][] = (hrtime(true) - $start) / 1e6;
    }
    foreach ($times as $page => $measured) {
        $empties = $times[in_array($page, ['empty again', 'tick', 'step', 'after'], true) ? 'empty again' : 'empty'];
        $ratios = array_map(static fn (float $time, float $empty): float => $time / $empty, $measured, $empties);
        printf(
            "%-12s %-12s %10.2f %10.2f %12.2f %12.2f\n",
            $name,
            $page,
            quantile($measured, 0.5),
            quantile($measured, 0.95),
            quantile($ratios, 0.5),
            quantile($measured, 0.95) / quantile($empties, 0.95),
        );
    }
}
