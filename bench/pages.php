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
function visit(CurlHandle $curl, string $url, ?array $post = null): string
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_FOLLOWLOCATION => true]);
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

/** @param list<float> $times */
function quantile(array $times, float $q): float
{
    sort($times);

    return $times[(int) round($q * (count($times) - 1))];
}

printf("%-12s %-10s %10s %10s %12s %12s\n", 'household', 'page', 'p50 ms', 'p95 ms', 'p50 / empty', 'p95 / empty');
foreach (array_slice($argv, 3) as $who) {
    [$name, $email] = explode('=', $who, 2);
    $curl = curl_init();
    preg_match('/name="_token" value="([^"]+)"/', visit($curl, "$base/login"), $token);
    visit($curl, "$base/login", ['_token' => $token[1] ?? '', 'email' => $email, 'password' => $password]);
    preg_match('#/machines/[0-9A-Za-z]{26}#', visit($curl, "$base/kitchen"), $machine);
    $pages = ['empty' => '/blank', 'Today' => '/', 'machine' => $machine[0] ?? '/kitchen', 'logbook' => '/logbook', 'handbook' => '/handbook', 'keep-apart' => '/handbook/keep-apart', 'procedure' => '/handbook/dishwasher/filter-clean'];
    $times = array_fill_keys(array_keys($pages), []);
    for ($round = -WARM_UP; $round < ROUNDS; ++$round) {
        foreach ($pages as $page => $path) {
            $start = hrtime(true);
            visit($curl, $base.$path);
            if ($round >= 0) {
                $times[$page][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }
    foreach ($times as $page => $measured) {
        $ratios = array_map(static fn (float $time, float $empty): float => $time / $empty, $measured, $times['empty']);
        printf("%-12s %-10s %10.2f %10.2f %12.2f %12.2f\n", $name, $page, quantile($measured, 0.5), quantile($measured, 0.95), quantile($ratios, 0.5), quantile($measured, 0.95) / quantile($times['empty'], 0.95));
    }
}
