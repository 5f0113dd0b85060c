<?php

declare(strict_types=1);

/*
 * Runs writers side by side against one database and adds up what they say; then asks the database whether it is
 * sound and holds every entry.
 *
 * php bench/writers.php 8 30 ama@…
 */

[, $writers, $seconds, $email] = $argv;
$database = (string) getenv('DB_DATABASE');
$count = static fn (): int => (int) (new PDO("sqlite:$database"))->query('select count(*) from entries')->fetchColumn();
$before = $count();
$running = [];
for ($i = 0; $i < (int) $writers; ++$i) {
    $running[] = [
        proc_open([PHP_BINARY, 'artisan', 'bench:write', $email, "--seconds=$seconds"], [1 => ['pipe', 'w'], 2 => STDERR], $pipes),
        $pipes[1],
    ];
}
$sum = ['written' => 0, 'failed' => 0, 'slowest' => 0];
foreach ($running as [$process, $out]) {
    $said = json_decode((string) stream_get_contents($out), true);
    proc_close($process);
    if (!is_array($said)) {
        fwrite(STDERR, "a writer said nothing\n");
        exit(1);
    }
    $sum = [
        'written' => $sum['written'] + $said['written'],
        'failed' => $sum['failed'] + $said['failed'],
        'slowest' => max($sum['slowest'], $said['slowest']),
    ];
    if (null !== $said['why']) {
        echo "a writer failed: {$said['why']}\n";
    }
}
$there = $count() - $before;
$sound = (string) (new PDO("sqlite:$database"))->query('PRAGMA integrity_check')->fetchColumn();
printf(
    "%d writers for %d s: %d entries, %d failed (locked or otherwise), the slowest took %d ms; %d are there, integrity %s\n",
    $writers,
    $seconds,
    $sum['written'],
    $sum['failed'],
    $sum['slowest'],
    $there,
    $sound,
);
exit(0 === $sum['failed'] && $there === $sum['written'] && 'ok' === $sound ? 0 : 1);
