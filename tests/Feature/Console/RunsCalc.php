<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use Symfony\Component\Process\Process;

/** Runs `php artisan calc` as it is run. */
trait RunsCalc
{
    private static function calc(string $input, string $model): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', 'calc', $model], dirname(__DIR__, 3), null, $input);
        $process->run();

        return $process;
    }

    /** Nothing is printed but one line that says where and what. */
    private static function assertRefused(Process $process, string $message): void
    {
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringStartsWith($message, $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }
}
