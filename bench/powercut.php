<?php

declare(strict_types=1);

/*
 * Cuts the power at many moments while entries are written, and looks at what the disk would hold then.
 *
 * A writer runs under strace, which notes each write to the database and its log, each sync, and each entry that was answered
 * as written. For a cut at any line of those notes a disk is put together: what was synced by then is on it; each write since
 * is on it, or not, or only some of its sectors of 512 bytes, as a seeded draw has it. SQLite must open that, find it whole,
 * and hold every entry that had been answered. With DB_SYNCHRONOUS=NORMAL entries may be lost, which shows that the cuts bite.
 *
 * DB_DATABASE=… php bench/powercut.php ama@… [seconds] [cuts] [seed]
 */

[, $email] = $argv;
[$seconds, $cuts, $seed] = [$argv[2] ?? '3', (int) ($argv[3] ?? 300), (int) ($argv[4] ?? 20260615)];
$database = (string) realpath((string) getenv('DB_DATABASE'));
$isLossy = 'FULL' !== (getenv('DB_SYNCHRONOUS') ?: 'FULL');
$files = [$database => 'main', "$database-wal" => 'log'];
$place = sys_get_temp_dir().'/powercut-'.getmypid();
mkdir($place, 0o700);
register_shutdown_function(static fn () => array_map('unlink', glob("$place/*") ?: []) && rmdir($place));

// Everything written so far is in the main file, so that a cut at the first line finds a whole database.
(new PDO("sqlite:$database"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
foreach ($files as $file => $name) {
    is_file($file) ? copy($file, "$place/$name") : touch("$place/$name");
}

$strace = ['strace', '-f', '-qq', '-y', '-xx', '-s', '70000', '-e', 'trace=pwrite64,write,ftruncate,fsync,fdatasync', '-o', "$place/notes"];
$writer = proc_open(
    [...$strace, PHP_BINARY, 'artisan', 'bench:write', $email, "--seconds=$seconds", '--aloud'],
    [1 => ['pipe', 'w'], 2 => STDERR],
    $pipes,
);
stream_get_contents($pipes[1]);
if (0 !== proc_close($writer)) {
    fwrite(STDERR, "the writer could not be watched\n");
    exit(1);
}

$bytes = static fn (string $hex): string => (string) hex2bin(str_replace('\x', '', $hex));
/** @var list<array{string, string, string, int}> $notes what was done, to which file, bytes or answer, place */
$notes = [];
foreach (new SplFileObject("$place/notes") as $line) {
    if (!preg_match('/^\d+\s+(\w+)\(\d+<([^>]+)>(?:, "?([^",)]*)"?)?(?:, \d+, (\d+))?/', (string) $line, $part)) {
        continue;
    }
    [, $call, $file] = $part;
    $file = str_contains($file, '\x') ? $bytes($file) : $file;
    if ('write' === $call) {
        preg_match_all('/^[0-9A-Z]{26}$/m', $bytes($part[3] ?? ''), $ids);
        array_push($notes, ...array_map(static fn (string $id): array => ['answer', '', $id, 0], $ids[0]));
    } elseif (isset($files[$file])) {
        $notes[] = match ($call) {
            'pwrite64' => ['write', $files[$file], $bytes($part[3]), (int) $part[4]],
            'ftruncate' => ['cut', $files[$file], '', (int) $part[3]],
            default => ['sync', $files[$file], '', 0],
        };
    }
}

/** @param array{string, string, string, int} $note */
$apply = static function (string $name, array $note) use ($place): void {
    $file = fopen("$place/$name", 'c');
    if ('cut' === $note[0]) {
        ftruncate($file, $note[3]);
    } else {
        fseek($file, $note[3]);
        fwrite($file, $note[2]);
    }
    fclose($file);
};

mt_srand($seed);
$points = array_flip(array_map(static fn (): int => mt_rand(1, count($notes)), range(1, $cuts)));
$pending = ['main' => [], 'log' => []];
$answered = [];
$sum = ['cuts' => 0, 'broken' => 0, 'lost' => 0, 'writes' => 0, 'dropped' => 0];
foreach ($notes as $i => $note) {
    if ('answer' === $note[0]) {
        $answered[] = $note[2];
    } elseif ('sync' === $note[0]) {
        array_map(static fn (array $write) => $apply($note[1], $write), $pending[$note[1]]);
        $pending[$note[1]] = [];
    } else {
        $pending[$note[1]][] = $note;
    }
    if (!isset($points[$i + 1])) {
        continue;
    }
    ++$sum['cuts'];
    foreach (['main' => 'cut', 'log' => 'cut-wal'] as $name => $image) {
        copy("$place/$name", "$place/$image");
        foreach ($pending[$name] as $write) {
            ++$sum['writes'];
            $luck = mt_rand(0, 3);
            if ($luck < 2) {
                ++$sum['dropped'];
            } elseif (2 === $luck || 'cut' === $write[0]) {
                $apply($image, $write);
            } else {
                foreach (str_split($write[2], 512) as $sector => $part) {
                    mt_rand(0, 1) && $apply($image, ['write', '', $part, $write[3] + 512 * $sector]);
                }
            }
        }
    }
    @unlink("$place/cut-shm");
    try {
        $db = new PDO("sqlite:$place/cut");
        $db->exec('PRAGMA wal_autocheckpoint = 0');
        $sum['broken'] += 'ok' === $db->query('PRAGMA integrity_check')->fetchColumn() ? 0 : 1;
        $there = array_flip($db->query('select id from entries')->fetchAll(PDO::FETCH_COLUMN));
        $sum['lost'] += count(array_diff_key(array_flip($answered), $there));
    } catch (PDOException) {
        ++$sum['broken'];
    }
    unset($db);
}
printf(
    '%d power cuts while %d entries were written (seed %d): %d of %d writes that were not synced left out; '
        ."%d entries lost that had been answered, %d databases broken\n",
    $sum['cuts'],
    count($answered),
    $seed,
    $sum['dropped'],
    $sum['writes'],
    $sum['lost'],
    $sum['broken'],
);
$bites = $isLossy ? $sum['lost'] > 0 : 0 === $sum['lost'];
$holds = 0 === $sum['broken'] && $bites && $sum['dropped'] > 0 && [] !== $answered;
exit($holds ? 0 : 1);
