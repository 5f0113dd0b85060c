<?php

declare(strict_types=1);

/*
 * Measures how long the handbook takes to load, each time in a process of its own: cold, from YAML with every
 * check, and warm, from what was compiled before. Warm is measured without the opcode cache, as on a command
 * line, and reads every machine kind, its procedures and the keep-apart rules.
 */

use App\Handbook\CompiledHandbook;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use Psr\Log\NullLogger;

require dirname(__DIR__).'/vendor/autoload.php';

const TIMES = 15;
$folder = dirname(__DIR__).'/handbook';

if (isset($argv[2])) {
    $start = hrtime(true);
    $handbook = 'cold' === $argv[1]
        ? new Handbook((new HandbookCompiler($folder))->compile())
        : (new CompiledHandbook($folder, $argv[2], new NullLogger()))->get();
    $loaded = hrtime(true);
    foreach (array_keys($handbook->kindNames()) as $kind) {
        foreach (array_keys($handbook->kind($kind)->procedureNames) as $procedure) {
            $handbook->kind($kind)->procedures->procedure($procedure);
        }
    }
    $handbook->chemistry();
    printf("%f %f\n", ($loaded - $start) / 1e6, (hrtime(true) - $loaded) / 1e6);
    exit;
}

$cache = tempnam(sys_get_temp_dir(), 'handbook');
unlink($cache);
(new CompiledHandbook($folder, $cache, new NullLogger()))->get();
printf("%-34s %10s %10s %10s\n", 'handbook', 'min ms', 'p50 ms', 'max ms');
foreach (['cold' => 'cold, from YAML with all checks', 'warm' => 'warm, from the compiled file'] as $how => $name) {
    $loads = $reads = [];
    for ($i = 0; $i < TIMES; ++$i) {
        [$loads[], $reads[]] = array_map(floatval(...), explode(
            ' ',
            (string) shell_exec(sprintf('%s %s %s %s', escapeshellarg(PHP_BINARY), escapeshellarg(__FILE__), $how, escapeshellarg($cache))),
        ));
    }
    sort($loads);
    sort($reads);
    printf("%-34s %10.1f %10.1f %10.1f\n", $name, $loads[0], $loads[intdiv(TIMES, 2)], $loads[TIMES - 1]);
    printf("%-34s %10.1f %10.1f %10.1f\n", '  and every kind and procedure read', $reads[0], $reads[intdiv(TIMES, 2)], $reads[TIMES - 1]);
}
unlink($cache);
