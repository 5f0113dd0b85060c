<?php

declare(strict_types=1);

/*
 * Writes into many households at once, as their phones would, and counts what was answered and what is there.
 *
 * php bench/load.php http://127.0.0.1:8496 8 60 machines.json "password"
 * machines.json is what php artisan bench:households printed: e-mail addresses with their machines.
 */

[, $base, $writers, $seconds, $file, $password] = $argv;
$machines = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);
$parts = array_chunk($machines, (int) ceil(count($machines) / (int) $writers), true);
$pipes = [];
foreach ($parts as $part) {
    $pair = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, STREAM_IPPROTO_IP);
    if (0 === pcntl_fork()) {
        fwrite($pair[1], json_encode(work($base, $part, (int) $seconds, $password)));
        exit(0);
    }
    fclose($pair[1]);
    stream_set_timeout($pair[0], (int) $seconds + 300); // logging in comes first
    $pipes[] = $pair[0];
}
$sum = ['written' => 0, 'refused' => 0, 'failed' => 0, 'times' => []];
foreach ($pipes as $pipe) {
    $said = json_decode((string) stream_get_contents($pipe), true);
    foreach (['written', 'refused', 'failed'] as $key) {
        $sum[$key] += $said[$key];
    }
    $sum['times'] = [...$sum['times'], ...$said['times']];
}
sort($sum['times']);
$at = static fn (float $share): float => $sum['times'][(int) ($share * (count($sum['times']) - 1))] ?? 0.0;
printf(
    '%d households, %s writers, %s s: %d written (%.0f a second), %d answered 5xx, %d otherwise refused; '
        ."median %.0f ms, 95 in 100 %.0f ms, slowest %.0f ms\n",
    count($machines),
    $writers,
    $seconds,
    $sum['written'],
    $sum['written'] / (int) $seconds,
    $sum['failed'],
    $sum['refused'],
    $at(0.5),
    $at(0.95),
    $at(1),
);

/** @param array<string, string> $machines */
function work(string $base, array $machines, int $seconds, string $password): array
{
    $homes = [];
    foreach ($machines as $email => $machine) {
        $curl = curl_init();
        curl_setopt_array($curl, [CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => false]);
        $token = token(get($curl, "$base/login"));
        post($curl, "$base/login", ['_token' => $token, 'email' => $email, 'password' => $password]);
        $homes[] = [$curl, $machine, token(get($curl, "$base/machines/$machine/uses"))];
    }
    $said = ['written' => 0, 'refused' => 0, 'failed' => 0, 'times' => []];
    for ($end = microtime(true) + $seconds, $i = 0; microtime(true) < $end; ++$i) {
        [$curl, $machine, $token] = $homes[$i % count($homes)];
        $begin = microtime(true);
        $status = post($curl, "$base/machines/$machine/uses", ['_token' => $token, 'id' => ulid(), 'uses' => 1]);
        $said['times'][] = 1000 * (microtime(true) - $begin);
        $isWritten = 302 === $status && !str_contains((string) curl_getinfo($curl, CURLINFO_REDIRECT_URL), '/login');
        ++$said[$isWritten ? 'written' : ($status >= 500 ? 'failed' : 'refused')];
    }

    return $said;
}

function get(CurlHandle $curl, string $url): string
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_HTTPGET => true]);

    return (string) curl_exec($curl);
}

/** @param array<string, string|int> $fields */
function post(CurlHandle $curl, string $url, array $fields): int
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query($fields)]);
    curl_exec($curl);

    return curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
}

function token(string $page): string
{
    preg_match('/name="(?:csrf-token"|_token" value=")[^>]*?(?:content=")?([A-Za-z0-9]{40})/', $page, $found);

    return $found[1] ?? '';
}

function ulid(): string
{
    $letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    $ulid = '01';
    for ($i = 0; $i < 24; ++$i) {
        $ulid .= $letters[random_int(0, 31)];
    }

    return $ulid;
}
