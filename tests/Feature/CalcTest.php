<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** `php artisan calc`, run as it is run. */
final class CalcTest extends TestCase
{
    private const EXAMPLE = '{"asOf":"2026-03-01","clocks":[{"unit":"days","n0":90,"min":7,"max":365,"rate":1,"elapsed":12,"observations":[{"uses":90,"found":0.0,"left":0.0}]}]}';

    private static function calc(string $input, string $model = 'rhythm'): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', 'calc', $model], dirname(__DIR__, 2), null, $input);
        $process->run();

        return $process;
    }

    public function test_the_worked_example(): void
    {
        $process = self::calc(self::EXAMPLE);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $out = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($out);
        self::assertSame(['2026-08-16', 'fresh'], [$out['dueOn'], $out['state']]);
        self::assertEqualsWithDelta(180.0, $out['clocks'][0]['interval'], 1e-9);
        self::assertContains('Clear after 90 days, so 90 days became 180.', $out['reasons']);
        self::assertSame('', $process->getErrorOutput());
    }

    /** @return iterable<string, array{string, string}> input, start of the message */
    public static function bad(): iterable
    {
        $with = static fn (string $from, string $to): string => str_replace($from, $to, self::EXAMPLE);
        yield 'nothing' => ['', '"": '];
        yield 'cut off' => ['{"asOf":', '"": '];
        yield 'a list' => ['[]', '"": must be an object'];
        yield 'too deep' => [str_repeat('[', 101).str_repeat(']', 101), '"": '];
        yield 'an unknown key' => [$with('"rate":1', '"rate":1,"colour":2'), '/clocks/0/colour: unknown key'];
        yield 'a missing key' => [$with('"rate":1,', ''), '/clocks/0/rate: is required'];
        yield 'an impossible day' => [$with('2026-03-01', '2026-02-29'), '/asOf: '];
        yield 'text for a number' => [$with('"n0":90', '"n0":"90"'), '/clocks/0/n0: must be a number'];
        yield 'a truth for a number' => [$with('"elapsed":12', '"elapsed":true'), '/clocks/0/elapsed: must be a number'];
        yield 'too large' => [$with('"elapsed":12', '"elapsed":1.1e9'), '/clocks/0/elapsed: '];
        yield 'infinite' => [$with('"elapsed":12', '"elapsed":1e999'), '/clocks/0/elapsed: '];
        yield 'negative uses' => [$with('"uses":90', '"uses":-1'), '/clocks/0/observations/0/uses: '];
        yield 'a fraction above one' => [$with('"found":0.0', '"found":1.2'), '/clocks/0/observations/0/found: '];
        yield 'no clock' => ['{"asOf":"2026-03-01","clocks":[]}', '/clocks: '];
        yield 'crossed bounds' => [$with('"min":7', '"min":400'), '/clocks/0: '];
        yield 'beyond all reckoning' => [str_replace(['"n0":90', '"min":7', '"max":365', '"elapsed":12'], ['"n0":1e-300', '"min":0', '"max":1e-300', '"elapsed":1e9'], self::EXAMPLE), '"": these numbers'];
        yield 'an object for a list' => [$with('[{"uses":90,"found":0.0,"left":0.0}]', '{}'), '/clocks/0/observations: must be a list'];
    }

    #[DataProvider('bad')]
    public function test_bad_input_is_named_by_its_pointer_and_nothing_is_printed(string $input, string $message): void
    {
        $process = self::calc($input);
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringStartsWith($message, $process->getErrorOutput());
        self::assertSame(1, substr_count($process->getErrorOutput(), "\n"));
    }

    public function test_a_model_that_does_not_exist(): void
    {
        $process = self::calc('{}', 'weather');
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
    }
}
